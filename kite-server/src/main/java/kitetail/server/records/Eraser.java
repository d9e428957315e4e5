package kitetail.server.records;

import java.time.Duration;
import kitetail.server.round.Round;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Makes erasings final once their day is over. */
@Component
class Eraser implements Round {
  private final Erasing erasing;
  private final Duration every;

  Eraser(Erasing erasing, @Value("${kitetail.erasings-every:10m}") Duration every) {
    this.erasing = erasing;
    this.every = every;
  }

  @Override
  public String task() {
    return "erasings";
  }

  @Override
  public Duration every() {
    return every;
  }

  @Override
  public void go() {
    erasing.finish();
  }
}
