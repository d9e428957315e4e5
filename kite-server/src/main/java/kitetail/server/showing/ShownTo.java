package kitetail.server.showing;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.UUID;
import kitetail.formats.words.Refused;
import kitetail.server.answer.Guests;
import kitetail.server.error.NotFoundException;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerMapping;

/** A client's screen is the guest of the shop whose plan it shows, by the key in its address. */
@Component
class ShownTo implements Guests {
  private final ShowingRepository showings;

  ShownTo(ShowingRepository showings) {
    this.showings = showings;
  }

  @Override
  public Guest guest(HttpServletRequest r) {
    Object named = r.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
    if (named instanceof Map<?, ?> m && m.get("key") instanceof String key) {
      try {
        return showings.guest(UUID.fromString(key));
      } catch (IllegalArgumentException e) {
        // No key of anything.
      }
    }
    throw new NotFoundException(Refused.because("view-ended"));
  }
}
