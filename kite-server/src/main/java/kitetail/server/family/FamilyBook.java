package kitetail.server.family;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import kitetail.formats.json.Families;
import kitetail.plan.Plan;
import kitetail.server.error.FieldException;
import org.springframework.stereotype.Component;

/** The families a shop can pick from: those that ship, and its own. */
@Component
public class FamilyBook {
  private final FamilyRepository own;

  FamilyBook(FamilyRepository own) {
    this.own = own;
  }

  /** The shop's own first. */
  public List<Plan> all(long shopId) {
    List<Plan> all = new ArrayList<>(own.ofShop(shopId));
    all.addAll(Families.all().values());
    return List.copyOf(all);
  }

  /**
   * @throws FieldException naming the families there are
   */
  public Plan get(long shopId, String id) {
    Plan shipped = id == null ? null : Families.all().get(id);
    if (shipped != null) {
      return shipped;
    }
    return own.find(shopId, String.valueOf(id))
        .orElseThrow(
            () ->
                new FieldException(
                    "$.family",
                    String.valueOf(id),
                    "allowed "
                        + all(shopId).stream()
                            .map(p -> p.family().id())
                            .collect(Collectors.joining(", "))));
  }
}
