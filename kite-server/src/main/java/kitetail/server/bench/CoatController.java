package kitetail.server.bench;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.List;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The head painted with something other than length. */
@RestController
@RequestMapping("/api")
class CoatController {
  private final Coats coats;

  CoatController(Coats coats) {
    this.coats = coats;
  }

  @GetMapping("/coats")
  List<Coats.CoatRow> coats() {
    return coats.all();
  }

  /** float32, little-endian, one for each vertex of the scalp. */
  @EngineWork
  @PostMapping(value = "/coat", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] coat(@RequestBody Plan plan, @RequestParam String of) {
    float[] numbers = coats.of(plan, of);
    ByteBuffer b = ByteBuffer.allocate(4 * numbers.length).order(ByteOrder.LITTLE_ENDIAN);
    b.asFloatBuffer().put(numbers);
    return b.array();
  }
}
