package kitetail.server.bench;

import jakarta.validation.Valid;
import java.util.List;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the bench draws beside the head: the scalp laid flat, one bite, named lengths. */
@RestController
@RequestMapping("/api")
@EngineWork
class MapController {
  private final ScalpMaps maps;
  private final Grips grips;
  private final NamedLengths lengths;

  MapController(ScalpMaps maps, Grips grips, NamedLengths lengths) {
    this.maps = maps;
    this.grips = grips;
    this.lengths = lengths;
  }

  @PostMapping("/map")
  ScalpMaps.ScalpMap map(@RequestBody Plan plan) {
    return maps.of(plan);
  }

  @PostMapping("/grip")
  Grips.GripRow grip(@Valid @RequestBody Grips.GripAsked g) {
    return grips.of(g);
  }

  /** How long hair must be to land where stylists name it. None for a body without a face. */
  @PostMapping("/landings")
  List<NamedLengths.LandingRow> landings(@RequestBody Plan plan) {
    return lengths.of(plan);
  }
}
