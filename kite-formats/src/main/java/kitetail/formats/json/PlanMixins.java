package kitetail.formats.json;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import kitetail.cut.Aside;
import kitetail.cut.Comb;
import kitetail.cut.Cut;
import kitetail.cut.CutLine;
import kitetail.cut.Edge;
import kitetail.cut.Fade;
import kitetail.cut.Fingers;
import kitetail.cut.Guard;
import kitetail.cut.Guide;
import kitetail.cut.Hold;
import kitetail.cut.Outline;
import kitetail.cut.Spot;
import kitetail.cut.Strokes;
import kitetail.cut.Texture;
import kitetail.hair.StartingHair;
import kitetail.head.HeadSpec;
import kitetail.practice.Tried;
import kitetail.section.Limit;
import kitetail.section.Parting;
import kitetail.shopday.Entry;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
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
    @JsonSubTypes.Type(value = Strokes.class, name = "strokes"),
    @JsonSubTypes.Type(value = Guard.class, name = "guard"),
    @JsonSubTypes.Type(value = Fade.class, name = "fade"),
    @JsonSubTypes.Type(value = Edge.class, name = "edge"),
    @JsonSubTypes.Type(value = Spot.class, name = "spot"),
    @JsonSubTypes.Type(value = Texture.class, name = "texture"),
    @JsonSubTypes.Type(value = Aside.class, name = "aside")
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
    @JsonSubTypes.Type(value = CutLine.Flat.class, name = "flat"),
    @JsonSubTypes.Type(value = CutLine.Slope.class, name = "slope"),
    @JsonSubTypes.Type(value = CutLine.Level.class, name = "level"),
    @JsonSubTypes.Type(value = CutLine.Off.class, name = "off")
  })
  private interface LineKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Guide.Travelling.class, name = "travelling"),
    @JsonSubTypes.Type(value = Guide.Middle.class, name = "middle"),
    @JsonSubTypes.Type(value = Guide.LastBite.class, name = "lastBite"),
    @JsonSubTypes.Type(value = Guide.NewBite.class, name = "newBite"),
    @JsonSubTypes.Type(value = Guide.ByEye.class, name = "byEye"),
    @JsonSubTypes.Type(value = Guide.Fixed.class, name = "fixed"),
    @JsonSubTypes.Type(value = Guide.Seen.class, name = "seen"),
    @JsonSubTypes.Type(value = Guide.Two.class, name = "two"),
    @JsonSubTypes.Type(value = Guide.Pinched.class, name = "pinched")
  })
  private interface GuideKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = StartingHair.Taped.class, name = "taped"),
    @JsonSubTypes.Type(value = StartingHair.Grown.class, name = "grown")
  })
  private interface StartKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Limit.Between.class, name = "between"),
    @JsonSubTypes.Type(value = Limit.Beside.class, name = "beside"),
    @JsonSubTypes.Type(value = Limit.Inside.class, name = "inside")
  })
  private interface LimitKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Parting.Across.class, name = "across"),
    @JsonSubTypes.Type(value = Parting.Diagonal.class, name = "diagonal"),
    @JsonSubTypes.Type(value = Parting.Hairline.class, name = "hairline"),
    @JsonSubTypes.Type(value = Parting.Centre.class, name = "centre"),
    @JsonSubTypes.Type(value = Parting.Pivot.class, name = "pivot"),
    @JsonSubTypes.Type(value = Parting.Panels.class, name = "panels")
  })
  private interface PartingKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Outline.HalfMoon.class, name = "halfMoon"),
    @JsonSubTypes.Type(value = Outline.Sideburn.class, name = "sideburn"),
    @JsonSubTypes.Type(value = Outline.Nape.class, name = "nape"),
    @JsonSubTypes.Type(value = Outline.HardLine.class, name = "hardLine"),
    @JsonSubTypes.Type(value = Outline.Taper.class, name = "taper")
  })
  private interface OutlineKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Entry.Bite.class, name = "bite"),
    @JsonSubTypes.Type(value = Entry.Done.class, name = "done"),
    @JsonSubTypes.Type(value = Entry.Reopened.class, name = "reopened"),
    @JsonSubTypes.Type(value = Entry.Skipped.class, name = "skipped"),
    @JsonSubTypes.Type(value = Entry.Approved.class, name = "approved"),
    @JsonSubTypes.Type(value = Entry.Dosed.class, name = "dosed"),
    @JsonSubTypes.Type(value = Entry.Measured.class, name = "measured"),
    @JsonSubTypes.Type(value = Entry.TookMore.class, name = "tookMore"),
    @JsonSubTypes.Type(value = Entry.Replanned.class, name = "replanned"),
    @JsonSubTypes.Type(value = Entry.Undone.class, name = "undone"),
    @JsonSubTypes.Type(value = Entry.Paused.class, name = "paused"),
    @JsonSubTypes.Type(value = Entry.Resumed.class, name = "resumed"),
    @JsonSubTypes.Type(value = Entry.ForDry.class, name = "forDry"),
    @JsonSubTypes.Type(value = Entry.DrySeen.class, name = "drySeen"),
    @JsonSubTypes.Type(value = Entry.Checked.class, name = "checked")
  })
  private interface EntryKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Tried.Lengths.class, name = "lengths"),
    @JsonSubTypes.Type(value = Tried.Touched.class, name = "touched"),
    @JsonSubTypes.Type(value = Tried.Combed.class, name = "combed"),
    @JsonSubTypes.Type(value = Tried.Guarded.class, name = "guarded"),
    @JsonSubTypes.Type(value = Tried.Held.class, name = "held"),
    @JsonSubTypes.Type(value = Tried.Walked.class, name = "walked"),
    @JsonSubTypes.Type(value = Tried.Chosen.class, name = "chosen"),
    @JsonSubTypes.Type(value = Tried.Found.class, name = "found"),
    @JsonSubTypes.Type(value = Tried.Ordered.class, name = "ordered"),
    @JsonSubTypes.Type(value = Tried.Saved.class, name = "saved"),
    @JsonSubTypes.Type(value = Tried.Whole.class, name = "whole")
  })
  private interface TriedKinds {}

  /** What a guard leaves comes from the kit, not from the move. */
  @JsonIgnoreProperties("measuredMm")
  private interface WithoutMeasured {}

  /** Every choice of ours is spelt in lowerCamel. */
  private static final class Names extends JacksonAnnotationIntrospector {
    private static final long serialVersionUID = 1;

    @Override
    public Object findEnumNamingStrategy(MapperConfig<?> config, AnnotatedClass of) {
      return of.getRawType().getPackageName().startsWith("kitetail")
          ? EnumNamingStrategies.LowerCamelCaseStrategy.class
          : super.findEnumNamingStrategy(config, of);
    }
  }

  static void into(JsonMapper.Builder b) {
    b.annotationIntrospector(new Names())
        .addMixIn(HeadSpec.class, HeadKinds.class)
        .addMixIn(StartingHair.class, StartKinds.class)
        .addMixIn(Cut.class, CutKinds.class)
        .addMixIn(Hold.class, HoldKinds.class)
        .addMixIn(CutLine.class, LineKinds.class)
        .addMixIn(Guide.class, GuideKinds.class)
        .addMixIn(Limit.class, LimitKinds.class)
        .addMixIn(Parting.class, PartingKinds.class)
        .addMixIn(Outline.class, OutlineKinds.class)
        .addMixIn(Entry.class, EntryKinds.class)
        .addMixIn(Tried.class, TriedKinds.class)
        .addMixIn(Guard.class, WithoutMeasured.class)
        .addMixIn(Fade.Band.class, WithoutMeasured.class);
  }
}
