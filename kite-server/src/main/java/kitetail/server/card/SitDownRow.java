package kitetail.server.card;

import java.time.OffsetDateTime;
import kitetail.plan.SitDown;
import kitetail.server.client.SitDownRepository;
import org.jspecify.annotations.Nullable;

/** A sit-down on the client card. */
record SitDownRow(
    long id,
    OffsetDateTime createdAt,
    long version,
    double girthMm,
    @Nullable Double earToEarMm,
    @Nullable Double frontToNapeMm,
    double densityPerCm2,
    double diameterUm,
    double curlRatio) {
  static SitDownRow of(SitDownRepository.Stored s) {
    SitDown d = s.sitDown();
    return new SitDownRow(
        s.id(),
        s.createdAt(),
        s.version(),
        d.head().girthMm(),
        d.head().earToEarMm(),
        d.head().frontToNapeMm(),
        d.hair().densityPerCm2(),
        d.hair().diameterUm(),
        d.hair().wetDry().curlRatio());
  }
}
