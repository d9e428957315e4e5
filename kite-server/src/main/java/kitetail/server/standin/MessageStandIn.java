package kitetail.server.standin;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * A message gateway that writes down what it would send, once for each key, and refuses an address
 * that is none.
 */
@RestController
@RequestMapping("/standin/messages")
class MessageStandIn {
  private final JdbcClient db;

  MessageStandIn(JdbcClient db) {
    this.db = db;
  }

  record Sent(
      @NotNull
          @Pattern(
              regexp = "\\+?[0-9 ()-]{3,40}|[^@]{1,120}@[^@]{1,120}",
              message = "phone-or-mail")
          String address,
      @NotNull @Size(max = 1000) String words) {}

  @PostMapping("/messages")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void take(@RequestHeader("Idempotency-Key") String key, @Valid @RequestBody Sent m) {
    db.sql(
            """
            insert into standin_outbox (key, address, words) values (:key, :address, :words)
            on conflict (key) do update set handed_over = standin_outbox.handed_over + 1
            """)
        .param("key", key)
        .param("address", m.address())
        .param("words", m.words())
        .update();
  }
}
