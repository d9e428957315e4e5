package kitetail.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Starts the application. */
@SpringBootApplication
public class KiteTailServer {
  public static void main(String[] args) {
    SpringApplication.run(KiteTailServer.class, args);
  }

  /** The machine's clock; for tests one that stood at a given moment at the start and goes on. */
  @Bean
  Clock clock(@Value("${kitetail.now:}") String now) {
    Clock machine = Clock.systemUTC();
    return now.isBlank()
        ? machine
        : Clock.offset(machine, Duration.between(machine.instant(), Instant.parse(now)));
  }
}
