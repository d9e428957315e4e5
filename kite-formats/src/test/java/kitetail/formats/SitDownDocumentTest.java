package kitetail.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import kitetail.client.Cautions;
import kitetail.client.Consent;
import kitetail.client.Landing;
import kitetail.client.SkinNote;
import kitetail.client.Wish;
import kitetail.client.Wishes;
import kitetail.formats.json.SitDownJson;
import kitetail.hair.Beard;
import kitetail.hair.Growth;
import kitetail.hair.Hair;
import kitetail.hair.HairColour;
import kitetail.hair.HairPatch;
import kitetail.hair.Jump;
import kitetail.hair.LengthPatch;
import kitetail.hair.NeckHair;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.HairlineShape;
import kitetail.head.HeadShape;
import kitetail.head.HeadSpec;
import kitetail.head.Nudge;
import kitetail.head.Place;
import kitetail.head.Spot;
import kitetail.plan.SitDown;
import org.junit.jupiter.api.Test;

class SitDownDocumentTest {
  private static final Spot SPOT = new Spot(-40, 0.5);

  private static SitDown full() {
    return new SitDown(
        1,
        new HeadSpec.Measured(
            572,
            350.0,
            null,
            155.0,
            null,
            new HeadShape(-1, 1, 0.5, -1, 12, 3, 0),
            new HairlineShape(10, 12, 14, -5, 4, 0, 8, 0),
            Map.of(Place.CROWN, new Nudge(0.5, -1))),
        new Hair(
                55,
                0.4,
                230,
                60,
                new WetDry(0.04, 0.8),
                new Growth(Growth.Whorl.DOUBLE, Growth.FrontCowlick.LEFT, Growth.Nape.ALL_LEFT),
                List.of(new HairPatch(SPOT, 25, 0.6, 1, 1.1)))
            .with(new HairColour(4, 0.2, 0.3).with(new HairColour.Dyed(8, 0.1, 32)))
            .with(Beard.SHORT)
            .with(NeckHair.LEFT),
        new StartingHair.Taped(
            Map.of(Place.APEX, 90.0, Place.NAPE, 40.0),
            WetDry.State.WET_PULLED,
            List.of(new Jump(Jump.Along.RIDGE, -10)),
            List.of(new LengthPatch(SPOT, 15, 20))),
        new Wishes(
            List.of(new Wish(Place.FRONT, Landing.BROW), new Wish(Place.APEX, 70)),
            Set.of(Place.NAPE),
            Wishes.Ear.HALF,
            Wishes.Sideburn.POINT,
            Wishes.NapeEdge.TAPERED,
            Wishes.Fringe.SIDE,
            Wishes.HowMuch.SOME,
            Wishes.Parting.LEFT,
            Set.of(Wishes.Worn.BACK, Wishes.Worn.SIDE),
            Wishes.Upkeep.HANDS,
            6,
            Wishes.Decides.CLIENT,
            "as in spring"),
        new Cautions(
            List.of(new SkinNote(SkinNote.Kind.MOLE, Place.BEHIND_EAR_RIGHT, "raised")),
            "henna",
            new Consent(true, "Mother", false, true)));
  }

  @Test
  void whatIsWritten_readsBackAsTheSameSitDown() {
    for (SitDown s : List.of(full(), SitDown.walkIn())) {
      assertThat(SitDownJson.read(SitDownJson.write(s))).isEqualTo(s);
    }
    assertThat(SitDownJson.write(full()))
        .contains("\"crown\":{\"upFingers\"", "\"landing\":\"brow\"", "\"apex\":90");
  }

  @Test
  void aKeptResult_readsBack() {
    List<StartingHair.Kept> kept =
        java.util.stream.IntStream.range(0, 30)
            .mapToObj(i -> new StartingHair.Kept(i * 5, 0.5, 40 + i))
            .toList();
    SitDown w = SitDown.walkIn();
    SitDown s =
        new SitDown(1, w.head(), w.hair(), new StartingHair.Grown(kept, 42, List.of()), null, null);
    assertThat(SitDownJson.read(SitDownJson.write(s))).isEqualTo(s);
  }

  /** The ranges are the plan document's; faults in them are said as there. */
  @Test
  void badInput_isSaidWithPathValueAndRange() {
    String bad =
        SitDownJson.write(full())
            .replace("\"girthMm\":572.0", "\"girthMm\":900")
            .replace("\"whorl\":\"double\"", "\"whorl\":\"triple\"")
            .replace("\"stretchShare\":0.04", "\"stretchShare\":4");
    assertThatThrownBy(() -> SitDownJson.read(bad))
        .hasMessageContaining("$.head.girthMm: 900 is not allowed; allowed 440 to 680")
        .hasMessageContaining("$.hair.growth.whorl: \"triple\" is not allowed; allowed right, left")
        .hasMessageContaining("$.hair.wetDry.stretchShare: 4 is not allowed; allowed 0 to 0.3");
  }

  @Test
  void aWishWithoutALength_isRefused() {
    String bad = SitDownJson.write(full()).replace("\"landing\":\"brow\"", "\"place2\":\"x\"");
    assertThatThrownBy(() -> SitDownJson.read(bad)).hasMessageContaining("$.wishes.points[0]");
  }
}
