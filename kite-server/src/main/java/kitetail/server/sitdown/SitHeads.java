package kitetail.server.sitdown;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import kitetail.formats.picture.Strokes;
import kitetail.geom.Mesh;
import kitetail.hair.Hair;
import kitetail.head.Bust;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.head.ScalpMesh;
import kitetail.server.head.Heads;
import kitetail.server.head.Made;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Heads as the sit-down draws them: coarser than the bench, so that a pick shows at once. */
@Component
class SitHeads {
  private static final int SITES = 1500;
  private static final int KEPT = 40;
  private static final int WARM = 15;

  /** A head ready to be drawn. */
  record Drawn(Scalp scalp, ScalpMesh mesh, Mesh bust) {}

  private final Cache<HeadSpec, Drawn> kept = Caffeine.newBuilder().maximumSize(KEPT).build();
  private final Heads heads;

  SitHeads(Heads heads) {
    this.heads = heads;
  }

  /** Draws some heads once the server is up, so that the first who sits down does not wait. */
  @EventListener(ApplicationReadyEvent.class)
  void warmUp() {
    Thread t =
        new Thread(
            () -> {
              for (int i = 0; i < WARM; i++) {
                Drawn d = of(new HeadSpec.Measured(545 + 4.0 * i, null, null));
                Strokes.of(d.scalp().head(), Hair.DEFAULT, SitDownController.STROKES);
              }
            },
            "warm-up-sit-down");
    t.setDaemon(true);
    t.start();
  }

  Drawn of(HeadSpec spec) {
    return Made.once(
        kept,
        spec,
        k -> {
          Scalp s = Scalp.of(heads.fitted(k), SITES);
          return new Drawn(s, ScalpMesh.of(s), Bust.of(s.head()));
        });
  }
}
