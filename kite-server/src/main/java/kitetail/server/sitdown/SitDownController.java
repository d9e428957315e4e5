package kitetail.server.sitdown;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.OptionalDouble;
import javax.imageio.ImageIO;
import kitetail.fall.Fall;
import kitetail.formats.answer.HairInk;
import kitetail.formats.picture.Picks;
import kitetail.formats.picture.Strokes;
import kitetail.hair.HairMap;
import kitetail.hair.StartingHair;
import kitetail.hair.StartingLengths;
import kitetail.hair.WetDry;
import kitetail.plan.Outcome;
import kitetail.plan.SitDown;
import kitetail.server.answer.Added;
import kitetail.server.answer.EngineWork;
import kitetail.server.client.ClientRepository;
import kitetail.server.client.SitDownRepository;
import kitetail.server.error.FieldException;
import kitetail.server.error.NotFoundException;
import kitetail.server.fall.FallBytes;
import kitetail.server.fall.Falls;
import kitetail.server.head.Heads;
import kitetail.server.learn.Lessons;
import kitetail.server.security.Person;
import kitetail.server.visit.VisitRepository;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The sit-down: kept, read and drawn. */
@RestController
@RequestMapping("/api")
class SitDownController {
  static final int STROKES = 1800;
  private static final int MIN_PX = 40;
  private static final int MAX_PX = 400;

  private final SitDownRepository sitDowns;
  private final ClientRepository clients;
  private final VisitRepository visits;
  private final Heads heads;
  private final Lessons lessons;
  private final SitHeads drawn;
  private final NextAsked next;
  private final Falls falls;
  private final FallBytes bytes;
  private final JsonMapper json;
  private final Clock clock;

  SitDownController(
      SitDownRepository sitDowns,
      ClientRepository clients,
      VisitRepository visits,
      Heads heads,
      Lessons lessons,
      SitHeads drawn,
      NextAsked next,
      Falls falls,
      FallBytes bytes,
      JsonMapper json,
      Clock clock) {
    this.sitDowns = sitDowns;
    this.clients = clients;
    this.visits = visits;
    this.heads = heads;
    this.lessons = lessons;
    this.drawn = drawn;
    this.next = next;
    this.falls = falls;
    this.bytes = bytes;
    this.json = json;
    this.clock = clock;
  }

  record SitDownView(
      long id,
      long clientId,
      String clientName,
      long version,
      OffsetDateTime createdAt,
      OffsetDateTime updatedAt,
      SitDown document) {}

  record SaveSitDown(
      @NotNull(message = "must be given") Long version,
      @NotNull(message = "must be given") SitDown document) {}

  record SavedSitDown(long version) {}

  record Strand(double wetPulledMm, double dryRelaxedMm) {}

  /**
   * A new sit-down: the head, hair and wishes last known; the hair as it was cut and has grown
   * since, when there was a visit after them; growing as was learnt, when enough was.
   */
  @PostMapping("/clients/{clientId}/sitdowns")
  @ResponseStatus(HttpStatus.CREATED)
  Added add(@AuthenticationPrincipal Person me, @PathVariable long clientId) {
    clients.get(me.shopId(), clientId);
    SitDown s = sitDowns.latest(me.shopId(), clientId);
    OffsetDateTime now = OffsetDateTime.now(clock);
    OffsetDateTime known =
        sitDowns
            .newest(me.shopId(), clientId)
            .map(SitDownRepository.Stored::createdAt)
            .orElse(OffsetDateTime.MIN);
    var last =
        visits.ofClient(me.shopId(), clientId).stream()
            .findFirst()
            .filter(v -> v.finishedAt().isAfter(known));
    if (last.isPresent()) {
      s = s.startingFrom(grown(me, last.get(), now));
    }
    OptionalDouble growth = lessons.of(me.shopId(), clientId).growth();
    if (growth.isPresent()) {
      s = s.growing(growth.getAsDouble());
    }
    return new Added(sitDowns.add(clientId, s, now));
  }

  private StartingHair grown(Person me, VisitRepository.Row visit, OffsetDateTime now) {
    var plan = visits.plan(me.shopId(), visit.id());
    Outcome o = heads.run(plan);
    double days = Math.max(0, Duration.between(visit.finishedAt(), now).toHours() / 24.0);
    return new StartingHair.Grown(StartingLengths.keep(o.scalp(), o.afterMm()), days, List.of());
  }

  @GetMapping("/sitdowns/{id}")
  SitDownView one(@AuthenticationPrincipal Person me, @PathVariable long id) {
    return view(sitDowns.get(me.shopId(), id));
  }

  /** The newest sit-down of a client; made from a walk-in's usual values when there is none. */
  @GetMapping("/clients/{clientId}/sitdown")
  SitDownView newest(@AuthenticationPrincipal Person me, @PathVariable long clientId) {
    SitDownRepository.Stored s =
        sitDowns
            .newest(me.shopId(), clientId)
            .orElseThrow(
                () -> new NotFoundException("Client " + clientId + " has not sat down yet."));
    next.of(me.shopId(), s.id(), s.sitDown());
    return view(s);
  }

  private static SitDownView view(SitDownRepository.Stored s) {
    return new SitDownView(
        s.id(),
        s.clientId(),
        s.clientName(),
        s.version(),
        s.createdAt(),
        s.updatedAt(),
        s.sitDown());
  }

  @PutMapping("/sitdowns/{id}")
  SavedSitDown save(
      @AuthenticationPrincipal Person me,
      @PathVariable long id,
      @Valid @RequestBody SaveSitDown s) {
    SitDown read = s.document();
    heads.fitted(read.head());
    long version = sitDowns.save(me.shopId(), id, s.version(), read, OffsetDateTime.now(clock));
    next.of(me.shopId(), id, read);
    return new SavedSitDown(version);
  }

  /**
   * The drawn head of a sit-down, with what is read from it.
   *
   * @param meshes false when the page has this head's meshes already
   * @param strokes false when how hair grows is not shown
   */
  @EngineWork
  @PostMapping(value = "/sitdown/head", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] head(
      @AuthenticationPrincipal Person me,
      @RequestParam(defaultValue = "true") boolean meshes,
      @RequestParam(defaultValue = "true") boolean strokes,
      @RequestBody SitDown s) {
    SitHeads.Drawn d = drawn.of(s.head());
    HairMap hair = HairMap.of(d.scalp(), s.hair());
    double[] lengths = StartingLengths.spread(d.scalp(), s.start(), s.hair());
    SitReading reading = SitReading.of(s, d.scalp(), hair, lengths, me.reads());
    return SitBinary.of(
        json.writeValueAsString(reading),
        d,
        meshes,
        hair,
        lengths,
        strokes ? Strokes.of(d.scalp().head(), s.hair(), STROKES) : List.of());
  }

  /** The hair as it hangs today (docs/formats.md has the layout). */
  @EngineWork
  @PostMapping(value = "/sitdown/fall", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  byte[] fall(@RequestBody SitDown s) {
    Fall f = falls.uncut(s.head(), s.hair(), s.start());
    return bytes.of(new SitFall(0, f.strands(), HairInk.of(f)), f);
  }

  record PickOption(String id, String title, JsonNode set) {}

  record PickGroup(String id, String title, String part, List<PickOption> options, String why) {}

  @GetMapping("/sitdown/picks")
  List<PickGroup> picks() {
    return Picks.all().stream()
        .map(
            g ->
                new PickGroup(
                    g.id(),
                    g.title(),
                    g.part(),
                    g.options().stream()
                        .map(o -> new PickOption(o.id(), o.title(), o.set()))
                        .toList(),
                    g.why()))
        .toList();
  }

  /** All options of a group of picks on this client's own head, side by side. */
  @EngineWork
  @PostMapping(value = "/sitdown/picks/{group}", produces = MediaType.IMAGE_PNG_VALUE)
  byte[] pick(
      @PathVariable String group,
      @RequestParam(defaultValue = "104") int width,
      @RequestParam(defaultValue = "120") int height,
      @RequestBody SitDown s) {
    if (width < MIN_PX || width > MAX_PX || height < MIN_PX || height > MAX_PX) {
      throw new FieldException(
          "width, height", width + " × " + height, "allowed " + MIN_PX + " to " + MAX_PX + " each");
    }
    Picks.Group g =
        Picks.all().stream()
            .filter(p -> p.id().equals(group))
            .findFirst()
            .orElseThrow(() -> new NotFoundException("No picks called " + group + "."));
    return png(Picks.strip(g, s, falls::pick, width, height));
  }

  private static byte[] png(BufferedImage image) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Stretch and curl from one strand measured wet and pulled, then dry and let go. */
  @EngineWork
  @PostMapping("/sitdown/strand")
  WetDry strand(@RequestBody Strand s) {
    FieldException.within("$.wetPulledMm", s.wetPulledMm(), 1, 1500);
    FieldException.within(
        "$.dryRelaxedMm", s.dryRelaxedMm(), Math.ceil(0.195 * s.wetPulledMm()), s.wetPulledMm());
    return WetDry.ofStrand(s.wetPulledMm(), s.dryRelaxedMm());
  }
}
