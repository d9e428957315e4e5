package kitetail.formats.json;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import kitetail.care.SkinNote;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Facing;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.hair.Growth;
import kitetail.hair.Jump;
import kitetail.hair.StartingHair;
import kitetail.hair.WetDry;
import kitetail.head.FacePlace;
import kitetail.head.HeadSpec;
import kitetail.head.Place;
import kitetail.plan.Move;
import kitetail.section.Scalar;
import kitetail.wish.Landing;
import kitetail.wish.Wishes;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.annotation.EnumNaming;
import tools.jackson.databind.json.JsonMapper;

/**
 * How the core's values are spelt in JSON: a "kind" for every closed choice, lowerCamel names for
 * enums.
 */
final class PlanMixins {
  private PlanMixins() {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = HeadSpec.Measured.class, name = "measured"),
    @JsonSubTypes.Type(value = HeadSpec.Ball.class, name = "ball"),
    @JsonSubTypes.Type(value = HeadSpec.Ellipsoid.class, name = "ellipsoid")
  })
  private interface HeadKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Fingers.class, name = "fingers"),
    @JsonSubTypes.Type(value = Comb.class, name = "comb"),
    @JsonSubTypes.Type(value = Guard.class, name = "guard")
  })
  private interface CutKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Hold.StraightOut.class, name = "straightOut"),
    @JsonSubTypes.Type(value = Hold.Elevation.class, name = "elevation"),
    @JsonSubTypes.Type(value = Hold.Toward.class, name = "toward")
  })
  private interface HoldKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = CutLine.Round.class, name = "round"),
    @JsonSubTypes.Type(value = CutLine.Flat.class, name = "flat")
  })
  private interface LineKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Guide.Travelling.class, name = "travelling"),
    @JsonSubTypes.Type(value = Guide.LastBite.class, name = "lastBite"),
    @JsonSubTypes.Type(value = Guide.Fixed.class, name = "fixed")
  })
  private interface GuideKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = StartingHair.Taped.class, name = "taped"),
    @JsonSubTypes.Type(value = StartingHair.Grown.class, name = "grown")
  })
  private interface StartKinds {}

  @EnumNaming(EnumNamingStrategies.LowerCamelCaseStrategy.class)
  private interface Names {}

  static void into(JsonMapper.Builder b) {
    b.addMixIn(HeadSpec.class, HeadKinds.class)
        .addMixIn(StartingHair.class, StartKinds.class)
        .addMixIn(Cut.class, CutKinds.class)
        .addMixIn(Hold.class, HoldKinds.class)
        .addMixIn(CutLine.class, LineKinds.class)
        .addMixIn(Guide.class, GuideKinds.class);
    for (Class<?> e :
        new Class<?>[] {
          Place.class,
          FacePlace.class,
          Growth.Whorl.class,
          Growth.FrontCowlick.class,
          Growth.Nape.class,
          WetDry.State.class,
          Jump.Along.class,
          Landing.class,
          Wishes.Ear.class,
          Wishes.Sideburn.class,
          Wishes.NapeEdge.class,
          Wishes.Fringe.class,
          Wishes.Parting.class,
          Wishes.Worn.class,
          Wishes.Upkeep.class,
          Wishes.Decides.class,
          SkinNote.Kind.class,
          Facing.class,
          Scalar.class,
          Guide.Gather.class,
          Comb.Blade.class,
          Guard.Grain.class,
          Move.Damp.class,
          Move.Stand.class
        }) {
      b.addMixIn(e, Names.class);
    }
  }
}
