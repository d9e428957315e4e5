package kitetail.server.bench;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.List;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.practice.PracticeBook;
import kitetail.server.security.Person;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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

  private final PracticeBook practice;

  CoatController(Coats coats, PracticeBook practice) {
    this.practice = practice;
    this.coats = coats;
  }

  @GetMapping("/coats")
  List<Coats.CoatRow> coats() {
    return coats.all();
  }

  /** float32, little-endian, one for each vertex of the scalp. */
  @EngineWork
  @PostMapping(value = "/coat", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] coat(@AuthenticationPrincipal Person me, @RequestBody Plan plan, @RequestParam String of) {
    float[] numbers = coats.of(plan, of, practice.hands(me));
    ByteBuffer b = ByteBuffer.allocate(4 * numbers.length).order(ByteOrder.LITTLE_ENDIAN);
    b.asFloatBuffer().put(numbers);
    return b.array();
  }
}
