package kitetail.server.sitdown;

import java.util.List;
import kitetail.formats.picture.Picks;
import kitetail.formats.picture.Strokes;
import kitetail.geom.Mesh;
import kitetail.hair.Hair;
import kitetail.head.Bust;
import kitetail.head.FaceLine;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.head.ScalpMesh;
import kitetail.plan.SitDown;
import kitetail.server.fall.Falls;
import kitetail.server.head.Heads;
import kitetail.server.head.Kept;
import kitetail.server.head.Share;
import kitetail.server.warm.Warms;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Heads as the sit-down draws them: coarser than the bench, so that a pick shows at once. */
@Component
@Order(2)
class SitHeads implements Warms {
  private static final int SITES = 1500;
  private static final int WARM = 15;
  private static final int STRIPS = 4;
  private static final int WIDTH_PX = 208;
  private static final int HEIGHT_PX = 240;

  /** A head ready to be drawn. */
  record Drawn(Scalp scalp, ScalpMesh mesh, Mesh bust, List<Mesh> face) {}

  private final Kept<HeadSpec, Drawn> kept = new Kept<>(Share.SITTING);
  private final Heads heads;
  private final Falls falls;

  SitHeads(Heads heads, Falls falls) {
    this.heads = heads;
    this.falls = falls;
  }

  @Override
  public void warm() {
    for (int i = 0; i < WARM; i++) {
      Drawn d = of(new HeadSpec.Measured(545 + 4.0 * i, null, null));
      Strokes.of(d.scalp().head(), Hair.DEFAULT, SitDrawings.STROKES);
    }
    Picks.all().stream()
        .limit(STRIPS)
        .forEach(g -> Picks.strip(g, SitDown.walkIn(), falls::pick, WIDTH_PX, HEIGHT_PX));
  }

  Drawn of(HeadSpec spec) {
    return kept.get(
        spec,
        k -> {
          Scalp s = Scalp.of(heads.fitted(k), SITES);
          return new Drawn(s, ScalpMesh.of(s), Bust.of(s.head()), FaceLine.ribbons(s.head()));
        });
  }
}
