package kitetail.server.message;

import java.time.Duration;
import kitetail.server.round.Round;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Takes the post out every so often. */
@Component
class Postman implements Round {
  private final Post post;
  private final Duration every;

  Postman(Post post, @Value("${kitetail.messages-every:20s}") Duration every) {
    this.post = post;
    this.every = every;
  }

  @Override
  public String task() {
    return "messages";
  }

  @Override
  public Duration every() {
    return every;
  }

  @Override
  public void go() {
    post.round();
  }
}
