package kitetail.server.sitdown;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import kitetail.geom.Mesh;
import kitetail.head.Bust;
import kitetail.head.HeadSpec;
import kitetail.head.Scalp;
import kitetail.head.ScalpMesh;
import kitetail.server.head.Heads;
import kitetail.server.head.Made;
import org.springframework.stereotype.Component;

/** Heads as the sit-down draws them: coarser than the bench, so that a pick shows at once. */
@Component
class SitHeads {
  private static final int SITES = 1500;
  private static final int KEPT = 40;

  /** A head ready to be drawn. */
  record Drawn(Scalp scalp, ScalpMesh mesh, Mesh bust) {}

  private final Cache<HeadSpec, Drawn> kept = Caffeine.newBuilder().maximumSize(KEPT).build();
  private final Heads heads;

  SitHeads(Heads heads) {
    this.heads = heads;
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
