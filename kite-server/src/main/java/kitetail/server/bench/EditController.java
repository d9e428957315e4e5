package kitetail.server.bench;

import jakarta.validation.Valid;
import java.util.List;
import kitetail.plan.Plan;
import kitetail.server.answer.EngineWork;
import kitetail.server.security.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Changes to a whole plan document: what comes back is the document changed, and what was done. */
@RestController
@RequestMapping("/api/edit")
@EngineWork
class EditController {
  private final Edits edits;
  private final LengthEdits lengths;
  private final FoundRemedies remedies;

  EditController(Edits edits, LengthEdits lengths, FoundRemedies remedies) {
    this.edits = edits;
    this.lengths = lengths;
    this.remedies = remedies;
  }

  @PostMapping("/length")
  Edits.Edited length(
      @AuthenticationPrincipal Person me, @Valid @RequestBody LengthEdits.LengthAsked a) {
    return lengths.of(a, me.reads());
  }

  @PostMapping("/edge")
  Edits.Edited edge(@AuthenticationPrincipal Person me, @Valid @RequestBody Edits.EdgeAsked a) {
    return edits.edge(a, me.reads());
  }

  @PostMapping("/section")
  Edits.Edited section(@Valid @RequestBody Edits.SectionAsked a) {
    return edits.section(a);
  }

  @PostMapping("/move")
  Edits.Edited move(@AuthenticationPrincipal Person me, @Valid @RequestBody Edits.MoveAsked a) {
    return edits.move(a, me.reads());
  }

  /** The plan's fade set to where one begins, or one put in. */
  @PostMapping("/fade")
  Edits.Edited fade(@Valid @RequestBody Edits.StartAsked a) {
    return edits.fade(a);
  }

  /** A part of the whole plan set by one number. */
  @PostMapping("/dial")
  Edits.Edited dial(@AuthenticationPrincipal Person me, @Valid @RequestBody Edits.DialAsked a) {
    return edits.dial(a, me.reads());
  }

  /** The fringe of the whole plan set to end at a place of the face. */
  @PostMapping("/land")
  Edits.Edited land(@AuthenticationPrincipal Person me, @Valid @RequestBody Edits.LandAsked a) {
    return edits.land(a, me.reads());
  }

  /** So much of the weight of the whole plan taken out by the moves that texturise. */
  @PostMapping("/weight-off")
  Edits.Edited weightOff(
      @AuthenticationPrincipal Person me, @Valid @RequestBody Edits.WeightOffAsked a) {
    return edits.weightOff(a, me.reads());
  }

  /** Every line over the fingers cut so soft. */
  @PostMapping("/softness")
  Edits.Edited softness(@Valid @RequestBody Edits.SoftnessAsked a) {
    return edits.softness(a);
  }

  /** A move's passes and share set so that a wished weight is left. */
  @PostMapping("/weight")
  Edits.Edited weight(@AuthenticationPrincipal Person me, @Valid @RequestBody Edits.WeightAsked a) {
    return edits.weight(a, me.reads());
  }

  /** For every finding that one change answers, the plan with it. */
  @PostMapping("/remedies")
  List<FoundRemedies.RemedyRow> remedies(
      @AuthenticationPrincipal Person me, @RequestBody Plan plan) {
    return remedies.of(plan, me.reads());
  }

  @PostMapping("/differences")
  List<String> differences(
      @AuthenticationPrincipal Person me, @Valid @RequestBody Edits.DifferencesAsked a) {
    return edits.differences(a, me.reads());
  }
}
