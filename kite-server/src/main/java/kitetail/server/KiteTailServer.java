package kitetail.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Starts the application. */
@SpringBootApplication
public class KiteTailServer {
  public static void main(String[] args) {
    SpringApplication.run(KiteTailServer.class, args);
  }

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}
