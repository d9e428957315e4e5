package kitetail.server.document;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import kitetail.formats.json.PlanJson;
import kitetail.plan.Plan;
import kitetail.server.error.UnknownWorkException;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import kitetail.server.security.Person;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Plans lately opened or sent, each by the SHA-256 of its JSON: who has one names it instead of
 * sending it again. Known to one shop and on one server; one that is not known is sent once more.
 */
@Component
public class Works {
  /** Names the plans of a request that came whole, in the order they stand in it. */
  public static final String HEADER = "X-Work";

  private record Key(long shopId, String name) {}

  private final Kept<Key, Plan> kept = new Kept<>(Share.WORKS);

  /** Its name from now on. */
  public String keep(Plan plan) {
    return keep(PlanJson.tree(plan), plan);
  }

  String keep(JsonNode tree, Plan plan) {
    String name = sum(tree.toString());
    kept.get(new Key(shop(), name), k -> plan);
    return name;
  }

  /**
   * @throws UnknownWorkException when it has to be sent
   */
  Plan named(String name) {
    return kept.known(new Key(shop(), name)).orElseThrow(UnknownWorkException::new);
  }

  private static String sum(String text) {
    try {
      MessageDigest sha = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(sha.digest(text.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** 0 where nobody is signed in: such plans are nobody else's. */
  private static long shop() {
    return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
        .map(Authentication::getPrincipal)
        .filter(Person.class::isInstance)
        .map(p -> ((Person) p).shopId())
        .orElse(0L);
  }
}
