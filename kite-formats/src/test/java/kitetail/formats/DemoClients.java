package kitetail.formats;

import java.util.ArrayList;
import java.util.List;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.WetDry;
import kitetail.head.HeadSpec;
import kitetail.plan.Plan;

/** Six unlike clients: a head and the hair on it; invented. */
public final class DemoClients {
  private DemoClients() {}

  public record Client(HeadSpec.Measured head, Hair hair) {
    /** A family on this client, with its own starting lengths. */
    public Plan on(Plan family) {
      return family.on(head, hair, family.start(), family.wishes(), family.cautions());
    }
  }

  /** Usual, two whorls and swirls, wavy and thick, usual, fine and thin, thick. */
  private static final List<Hair> HAIR =
      List.of(
          new Hair(58, 0.37),
          new Hair(
              66,
              0.36,
              200,
              70,
              WetDry.STRAIGHT,
              new Growth(Growth.Whorl.DOUBLE, null, Growth.Nape.SWIRLS),
              List.of()),
          DemoHeads.curly(0.7),
          new Hair(60, 0.36),
          new Hair(60, 0.36, 140, 52, WetDry.STRAIGHT, Growth.USUAL, List.of()),
          new Hair(70, 0.35, 240, 85, WetDry.STRAIGHT, Growth.USUAL, List.of()));

  public static List<Client> all() {
    List<HeadSpec.Measured> heads = List.copyOf(DemoHeads.all().values());
    List<Client> out = new ArrayList<>();
    for (int k = 0; k < HAIR.size(); k++) {
      out.add(new Client(heads.get(k), HAIR.get(k)));
    }
    return List.copyOf(out);
  }
}
