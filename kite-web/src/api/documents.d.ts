// Made by npm run api; change the records or the schema it is made from instead.

/**
 * the head
 */
export type Head = Measured | Ball | Ellipsoid;
/**
 * the hair before the cut
 */
export type Start = Taped | Grown;
/**
 * taped, mm
 */
export type TapedLength = number;
/**
 * what a place must meet
 */
export type Limit = Between | Beside | Inside;
/**
 * a number every place of the scalp has
 */
export type Scalar =
  | "aroundDeg"
  | "aboveHairlineMm"
  | "aboveRidgeMm"
  | "fromApexMm"
  | "acrossMm"
  | "fromCentreMm"
  | "forwardMm"
  | "belowApexMm";
/**
 * a named place of the head; left and right are the client's
 */
export type Place =
  | "front"
  | "recessionLeft"
  | "recessionRight"
  | "templeLeft"
  | "templeRight"
  | "sideburnLeft"
  | "sideburnRight"
  | "earTopLeft"
  | "earTopRight"
  | "behindEarLeft"
  | "behindEarRight"
  | "mastoidLeft"
  | "mastoidRight"
  | "napeCornerLeft"
  | "napeCornerRight"
  | "nape"
  | "apex"
  | "ridgeLeft"
  | "ridgeRight"
  | "crown"
  | "dropCrown"
  | "occipital";
/**
 * how it is cut
 */
export type Cut = Fingers | Comb | Strokes | Guard | Fade | SpotCut | Edge | Texture | Aside;
/**
 * how hair is held
 */
export type Hold = StraightOut | Elevation | Toward;
/**
 * a direction of the room as the client sits
 */
export type Facing = "up" | "down" | "front" | "back" | "left" | "right";
/**
 * the line it is cut along
 */
export type Line = Round | Flat | Slope | Off | Level;
/**
 * what it is measured against
 */
export type Guide = Travelling | Middle | LastBite | NewBite | ByEye | Fixed | Seen | Two | Pinched;
/**
 * how the section is parted into bites
 */
export type Parting = Across | Diagonal | AlongHairline | AlongCentre | Pivot | Panels;
/**
 * what it is cut with, and so how it ends; blunt when left out
 */
export type Blade =
  | "blunt"
  | "pointsShallow"
  | "pointsDeep"
  | "razorShort"
  | "razorBroad"
  | "razorBehind"
  | "wideToothed"
  | "thinningShears"
  | "tornDry";
/**
 * the shape of the edge
 */
export type Outline = HalfMoon | SideburnEnd | NapeLine | HardLine | Taper;
/**
 * what was done; each drill takes one kind
 */
export type Tried = Lengths | Touched | Combed | Guarded | Held | Walked | Chosen | Found | Ordered | Saved | Whole;

export interface Documents {
  plan?: PlanDocument;
  sit?: SitDocument;
  attempt?: TryDocument;
  course?: CourseDocument;
}
/**
 * Who it is for and when are left out. Lengths in mm, angles in degrees.
 */
export interface PlanDocument {
  version: 4;
  /**
   * name of the plan
   */
  title: string;
  head: Head;
  hair?: Hair;
  start: Start;
  kit?: Kit;
  pace?: Pace;
  school?: School;
  /**
   * @minItems 1
   * @maxItems 60
   */
  sections: Section[];
  /**
   * @maxItems 80
   */
  moves: Move[];
  /**
   * jumps in length that are meant
   *
   * @maxItems 40
   */
  jumps?: MeantJump[];
  wishes?: Wishes;
  cautions?: Cautions;
  family?: Family;
  styling?: Styling;
  /**
   * findings answered as meant
   *
   * @maxItems 200
   */
  meant?: Meant[];
}
export interface Measured {
  kind: "measured";
  /**
   * once round over brow and back, mm
   */
  girthMm: number;
  /**
   * over the apex from ear notch to ear notch, mm; in proportion to the girth when left out
   */
  earToEarMm?: number;
  /**
   * hairline to hairline along the centre, mm; in proportion to the girth when left out
   */
  frontToNapeMm?: number;
  /**
   * widest, by calliper, mm; in proportion when left out
   */
  breadthMm?: number;
  /**
   * brow to the farthest back, by calliper, mm; in proportion when left out
   */
  lengthMm?: number;
  shape?: Shape;
  hairline?: Hairline;
  /**
   * landmarks moved by hand
   */
  nudges?: {
    [k: string]: Nudge;
  };
  /**
   * what a scan found that the numbers cannot hold
   */
  relief?: {
    /**
     * heights of smooth bumps about fixed directions, mm
     *
     * @minItems 73
     * @maxItems 73
     */
    mm: number[];
  };
}
/**
 * what is seen and felt of the head; left out is usual
 */
export interface Shape {
  /**
   * -1 flat, 1 round
   */
  sides?: number;
  /**
   * -1 flat, 0 round, 1 a strong occipital bone
   */
  back?: number;
  /**
   * -1 sloping, 1 upright
   */
  forehead?: number;
  /**
   * -1 low, 1 high
   */
  crown?: number;
  /**
   * toward the client's right, mm
   */
  crownAcrossMm?: number;
  /**
   * how much higher than usual, mm
   */
  earLeftMm?: number;
  /**
   * how much higher than usual, mm
   */
  earRightMm?: number;
}
/**
 * the shape of the hairline against the usual one
 */
export interface Hairline {
  /**
   * a V at the centre front; below 0 a round front, mm
   */
  frontPeakMm?: number;
  /**
   * how far set back, mm
   */
  recessionLeftMm?: number;
  /**
   * how far set back, mm
   */
  recessionRightMm?: number;
  /**
   * how far below the middle of the ear, mm
   */
  sideburnMm?: number;
  /**
   * how much lower than usual, mm
   */
  napeDropMm?: number;
  /**
   * a V at the centre nape, mm
   */
  napePointMm?: number;
  /**
   * two points, mm
   */
  napePointsMm?: number;
  /**
   * corners rounded off, mm
   */
  napeRoundMm?: number;
  /**
   * how far forward and down the temple points come, mm
   */
  templeMm?: number;
  /**
   * how much wider than usual the sideburns are, mm
   */
  sideburnWidthMm?: number;
}
export interface Nudge {
  /**
   * finger widths up the head; the apex forward
   */
  upFingers?: number;
  /**
   * finger widths toward the client's right
   */
  acrossFingers?: number;
}
/**
 * calibration: a ball, hair on its upper half
 */
export interface Ball {
  kind: "ball";
  /**
   * mm
   */
  radiusMm: number;
}
/**
 * calibration: an ellipsoid, hair on its upper half
 */
export interface Ellipsoid {
  kind: "ellipsoid";
  /**
   * half axis, mm
   */
  acrossMm: number;
  /**
   * half axis, mm
   */
  forwardMm: number;
  /**
   * half axis, mm
   */
  upMm: number;
}
export interface Hair {
  /**
   * angle at which hair leaves the skin
   */
  exitDeg: number;
  /**
   * mm a day
   */
  growthMmPerDay: number;
  /**
   * hairs per square centimetre, mean of the scalp; 200 when left out, an assumption
   */
  densityPerCm2?: number;
  /**
   * mean diameter in micrometres; 70 when left out, an assumption
   */
  diameterUm?: number;
  wetDry?: {
    /**
     * how much longer wet hair is when held firmly
     */
    stretchShare: number;
    /**
     * dry and let go over dry and straight
     */
    curlRatio: number;
  };
  growth?: {
    /**
     * turning, seen from above
     */
    whorl?: "right" | "left" | "double";
    /**
     * a cowlick at the front hairline
     */
    front?: "none" | "left" | "centre" | "right";
    /**
     * how the nape grows
     */
    nape?: "down" | "swirlLeft" | "swirlRight" | "swirls" | "allLeft" | "allRight" | "up";
  };
  /**
   * places where the hair differs
   *
   * @maxItems 60
   */
  patches?: HairPatch[];
  /**
   * the skin it is seen against; depth 4.5, a little rosy, when left out
   */
  skin?: {
    /**
     * 1 lightest to 10 deepest
     */
    depth: number;
    /**
     * -1 cool and rosy, 0 neutral, 1 warm and golden
     */
    undertone?: number;
  };
  /**
   * level 5, a little warm, when left out
   */
  colour?: {
    /**
     * 1 black to 10 lightest blonde
     */
    level: number;
    /**
     * -1 ash, 0 neutral, 1 copper
     */
    warmth?: number;
    /**
     * share of white hairs
     */
    greyShare?: number;
    /**
     * what the lengths beyond the grown roots were coloured to; hair as it grows when left out
     */
    dyed?: {
      /**
       * 1 black to 10 lightest blonde
       */
      level: number;
      /**
       * -1 ash, 0 neutral, 1 copper
       */
      warmth?: number;
      /**
       * mm grown since
       */
      rootsMm: number;
    };
  };
  /**
   * the beard as it is worn; none when left out
   */
  beard?: "none" | "stubble" | "short" | "full";
  /**
   * the neck's fine hair below the hairline; cleaned when left out
   */
  neck?: "cleaned" | "left";
}
export interface HairPatch {
  at: Spot;
  /**
   * mm
   */
  radiusMm: number;
  /**
   * times as dense
   */
  density: number;
  /**
   * times as thick
   */
  diameter: number;
  /**
   * times the curl ratio
   */
  curl: number;
}
/**
 * a place that follows the head
 */
export interface Spot {
  /**
   * round the head from the front, positive to the client's right
   */
  azimuthDeg: number;
  /**
   * of the way from the apex to the hairline
   */
  share: number;
}
export interface Taped {
  kind: "taped";
  /**
   * a length for each place taped
   */
  tapedMm: {
    [k: string]: TapedLength;
  };
  /**
   * in what state all were taped; dryStraight when left out
   */
  state?: "dryStraight" | "dryRelaxed" | "wetPulled";
  /**
   * lines the spread does not cross
   *
   * @maxItems 6
   */
  jumps?: Jump[];
  /**
   * odd places
   *
   * @maxItems 60
   */
  patches?: LengthPatch[];
}
export interface Jump {
  /**
   * what the line runs along
   */
  along: "ridge" | "behindEars";
  /**
   * above the ridge, or behind the ears, mm
   */
  offsetMm: number;
}
export interface LengthPatch {
  at: Spot;
  /**
   * mm
   */
  radiusMm: number;
  /**
   * mm
   */
  lengthMm: number;
}
export interface Grown {
  kind: "grown";
  /**
   * the result of an earlier cut
   *
   * @minItems 20
   * @maxItems 6000
   */
  kept: Kept[];
  /**
   * days since
   */
  days: number;
  /**
   * odd places
   *
   * @maxItems 60
   */
  patches?: LengthPatch[];
}
export interface Kept {
  /**
   * as in spot
   */
  azimuthDeg: number;
  /**
   * as in spot
   */
  share: number;
  /**
   * mm
   */
  lengthMm: number;
}
/**
 * the shop's own clipper as measured
 */
export interface Kit {
  /**
   * guards that do not leave number x 1/8 in
   *
   * @maxItems 24
   */
  guards: MeasuredGuard[];
  /**
   * what the lever adds half open, mm
   */
  halfLeverMm: number;
  /**
   * what it adds fully open, mm
   */
  openLeverMm: number;
}
export interface MeasuredGuard {
  /**
   * its number
   */
  number: number;
  /**
   * what it leaves with the lever closed, mm
   */
  mm: number;
}
export interface Pace {
  /**
   * seconds a bite
   */
  fingersSec: number;
  /**
   * seconds a column
   */
  combSec: number;
  /**
   * seconds a pass
   */
  guardSec: number;
  /**
   * seconds a stroke along an edge; 5 when left out
   */
  edgeSec?: number;
  /**
   * seconds a column of texturising; 12 when left out
   */
  textureSec?: number;
  /**
   * seconds to change the attachment; 20 when left out
   */
  changeSec?: number;
}
/**
 * the stylist's own way where stylists differ; left out is no preference
 */
export interface School {
  outline?: "insideFirst" | "outlineFirst";
  /**
   * which part is cut first
   */
  begin?: "sides" | "back" | "top";
  fringe?: "first" | "middle" | "last";
  taper?: "beforeDrying" | "afterDrying";
  /**
   * where either would do
   */
  work?: "attachments" | "comb";
  /**
   * how far along the fingers is cut
   */
  knuckle?: "first" | "second" | "past";
  crossCheck?: "everySection" | "smallBites";
  /**
   * how hair is held over the fingers
   */
  firmness?: "firm" | "none";
  /**
   * before the hair is dried, or into dry hair
   */
  product?: "first" | "last";
  /**
   * where hair springs up: short enough to stand, or long enough to lie
   */
  cowlick?: "short" | "long";
  /**
   * the bite taken where a family leaves it open; 0 for none
   */
  biteMm?: number;
}
export interface Section {
  /**
   * unique in the plan
   */
  id: string;
  /**
   * as the stylist calls it
   */
  name: string;
  /**
   * all must hold; none: the whole scalp
   *
   * @maxItems 12
   */
  limits: Limit[];
  /**
   * sections it leaves out
   *
   * @maxItems 20
   *
   * Items: id of a section
   */
  without?: string[];
  /**
   * laid over the others: does not count when the sections are to cover the scalp once
   */
  over?: boolean;
}
export interface Between {
  kind: "between";
  by: Scalar;
  /**
   * from here on; counted from minAt's own number when given
   */
  min: number;
  /**
   * up to here; for aroundDeg a min above max runs round the back
   */
  max: number;
  minAt?: Place;
  maxAt?: Place;
}
export interface Beside {
  kind: "beside";
  /**
   * through these points, straight on beyond both ends
   *
   * @minItems 2
   * @maxItems 8
   */
  line: Anchor[];
  /**
   * which side is kept, walking along it as seen from above
   */
  side: "left" | "right";
}
/**
 * a point of the scalp map tied to a landmark
 */
export interface Anchor {
  at: Place;
  /**
   * forward of the landmark on the scalp map, mm
   */
  forwardMm?: number;
  /**
   * to the client's right of it, mm
   */
  acrossMm?: number;
}
export interface Inside {
  kind: "inside";
  /**
   * once round the shape
   *
   * @minItems 3
   * @maxItems 24
   */
  corners: Anchor[];
}
export interface Move {
  /**
   * unique in the plan
   */
  id: string;
  /**
   * as the stylist calls it
   */
  name: string;
  /**
   * id of a section
   */
  section: string;
  cut: Cut;
  /**
   * what it is there for; the cut's usual job when left out. A slip is what came off that was not meant to
   */
  job?:
    | "outline"
    | "bulk"
    | "guide"
    | "length"
    | "blend"
    | "side"
    | "fringe"
    | "taper"
    | "edge"
    | "hardLine"
    | "texture"
    | "mist"
    | "dry"
    | "approve"
    | "check"
    | "neck"
    | "product"
    | "slip";
  /**
   * moves that must be done before it
   *
   * @maxItems 20
   *
   * Items: id of a move
   */
  after?: string[];
  damp: "wet" | "damp" | "dry";
  stand: "front" | "left" | "right" | "back";
  /**
   * what it is for
   */
  purpose: string;
  /**
   * what to watch
   */
  watch: string;
  /**
   * asks the client before it is done
   */
  askFirst: boolean;
  handling?: Handling;
}
export interface Fingers {
  kind: "fingers";
  hold: Hold;
  line: Line;
  guide: Guide;
  /**
   * width of a bite, mm
   */
  biteMm: number;
  parting: Parting;
  /**
   * firm when left out; none where hair springs up
   */
  tension?: "firm" | "none";
  /**
   * fingers rolled up: what grows higher in a bite is left shorter
   */
  rollDeg?: number;
  blade?: Blade;
  hand?: Hand;
}
export interface StraightOut {
  kind: "straightOut";
}
export interface Elevation {
  kind: "elevation";
  /**
   * 0 lies down the head, 90 stands straight out
   */
  elevationDeg: number;
}
export interface Toward {
  kind: "toward";
  facing: Facing;
}
export interface Round {
  kind: "round";
  /**
   * length left, mm
   */
  lengthMm: number;
  /**
   * fingers out leave more further up; 0 when left out
   */
  fingerDeg?: number;
}
export interface Flat {
  kind: "flat";
  facing: Facing;
  place: Place;
  /**
   * length left, mm at the place
   */
  lengthMm: number;
  /**
   * finger angle; out is positive
   */
  fingerDeg: number;
}
export interface Slope {
  kind: "slope";
  place: Place;
  /**
   * left there, mm
   */
  lengthMm: number;
  far: Place;
  /**
   * left at the far place, mm
   */
  farMm: number;
  /**
   * true when the other side has its own slope, across the middle; false when left out
   */
  eachSide?: boolean;
}
export interface Off {
  kind: "off";
  /**
   * taken off the ends, the same everywhere, mm
   */
  lengthMm: number;
}
export interface Level {
  kind: "level";
  place: Place;
  /**
   * length left at the place of the hairline, mm
   */
  lengthMm: number;
  /**
   * how much the level falls toward the back
   */
  fallsDeg: number;
}
export interface Travelling {
  kind: "travelling";
}
export interface Middle {
  kind: "middle";
}
export interface LastBite {
  kind: "lastBite";
}
export interface NewBite {
  kind: "newBite";
}
export interface ByEye {
  kind: "byEye";
}
export interface Fixed {
  kind: "fixed";
  place: Place;
  /**
   * row: straight across to the guide's parting; spot: all to the one place; plane: each straight to the upright plane through the place from front to back
   */
  gather: "row" | "spot" | "plane";
}
export interface Seen {
  kind: "seen";
  place: Place;
}
export interface Two {
  kind: "two";
  place: Place;
  far: Place;
}
export interface Pinched {
  kind: "pinched";
}
export interface Across {
  kind: "across";
  toward: Facing;
}
export interface Diagonal {
  kind: "diagonal";
  /**
   * where the work goes besides up
   */
  toward: "front" | "back" | "left" | "right";
  /**
   * how steeply the way goes up; below 0 down
   */
  slopeDeg: number;
}
export interface AlongHairline {
  kind: "hairline";
}
export interface AlongCentre {
  kind: "centre";
}
export interface Pivot {
  kind: "pivot";
  about: Place;
  /**
   * as seen from above
   */
  clockwise: boolean;
}
export interface Panels {
  kind: "panels";
  /**
   * side by side over the head
   */
  panels: number;
  toward: Facing;
}
/**
 * what the hand does within a bite beside lying on its line
 */
export interface Hand {
  first?: Lift;
  tuck?: Tuck;
  /**
   * past the parietal ridge the fingers go round the head; of a flat line with a guide that travels
   */
  wraps?: boolean;
}
/**
 * lifted and cut first, then lowered to the line
 */
export interface Lift {
  elevationDeg: number;
  /**
   * left at the lower edge of the section, mm in the hand
   */
  lengthMm: number;
}
/**
 * a stretch over which the fingers turn in or stand out
 */
export interface Tuck {
  /**
   * what grows along the stretch
   */
  by: "aboveHairlineMm" | "aboveRidgeMm" | "fromApexMm" | "fromCentreMm" | "forwardMm" | "belowApexMm";
  fromMm: number;
  /**
   * above fromMm
   */
  toMm: number;
  /**
   * below 0 in, above 0 out
   */
  deg: number;
}
export interface Comb {
  kind: "comb";
  /**
   * off the skin at the start, mm
   */
  gapMm: number;
  /**
   * lean off the line that follows the head
   */
  outDeg: number;
  /**
   * of the comb, mm
   */
  thicknessMm: number;
  tool: "clipper" | "scissors";
  /**
   * of its teeth in use, mm; 40 when left out
   */
  lengthMm?: number;
  /**
   * the wall the comb stays parallel to; left out it follows the round
   */
  square?: "front" | "back" | "left" | "right";
  /**
   * straight out when left out
   */
  lift?: "straightOut" | "alongGrowth";
  turn?: Turn;
  blade?: Blade;
  /**
   * above 0 the comb goes along the line that is there and so much comes off, mm; gap and lean then count for nothing
   */
  offMm?: number;
  /**
   * what the clipper's lever adds as it stands, mm; 0 closed
   */
  leverMm?: number;
}
/**
 * turned off the head in a C
 */
export interface Turn {
  /**
   * above the section's lower edge, mm
   */
  atMm: number;
  /**
   * of the arc, mm
   */
  radiusMm: number;
}
/**
 * cut over a comb as a hand led it, stroke by stroke
 */
export interface Strokes {
  kind: "strokes";
  /**
   * @minItems 0
   * @maxItems 80
   */
  strokes: Stroke[];
  tool: "clipper" | "scissors";
  /**
   * of the comb, mm
   */
  thicknessMm: number;
  /**
   * of the comb in use, mm
   */
  teethMm: number;
}
/**
 * the way of the comb from where it is set down to where it is taken off
 */
export interface Stroke {
  /**
   * in the order of time
   *
   * @minItems 2
   * @maxItems 240
   */
  track: StrokeAt[];
}
/**
 * where the cutting edge was at a moment
 */
export interface StrokeAt {
  /**
   * since the stroke began
   */
  seconds: number;
  /**
   * round the head from the front, positive to the client's right
   */
  aroundDeg: number;
  /**
   * of the way from the apex to the hairline
   */
  share: number;
  /**
   * off the skin, mm
   */
  gapMm: number;
  /**
   * while the blades close
   */
  cuts: boolean;
}
export interface Guard {
  kind: "guard";
  /**
   * eighths of an inch
   */
  number: number;
  /**
   * what the lever adds as it stands, mm; 0 closed
   */
  leverMm: number;
  grain: "with" | "against";
  rockOut?: RockOut;
}
export interface RockOut {
  by: Scalar;
  /**
   * where the clipper leaves the head
   */
  atMm: number;
  /**
   * of the arc, mm
   */
  radiusMm: number;
}
export interface Fade {
  kind: "fade";
  /**
   * from the hairline up, each at least as long as the one below it
   *
   * @minItems 1
   * @maxItems 8
   */
  bands: FadeBand[];
  /**
   * its height at the sideburn, mm; 0 where it does not run
   */
  sideburnMm: number;
  /**
   * its height behind the ear, mm
   */
  behindEarMm: number;
  /**
   * its height at the centre of the nape, mm
   */
  napeMm: number;
  left?: FadeSide;
  /**
   * radius of the arc on which the clipper leaves the head above the last guard, mm; 60 when left out
   */
  rockMm?: number;
}
/**
 * one guard of a fade
 */
export interface FadeBand {
  /**
   * eighths of an inch; 0 is the bare blade
   */
  number: number;
  /**
   * what the lever adds as it stands, mm; 0 closed
   */
  leverMm: number;
  /**
   * of the fade's height, where it begins
   */
  fromShare: number;
  /**
   * as far as it is held to the skin; from there it is rocked out into the next
   */
  toShare: number;
}
/**
 * the heights on the client's left; left out when as on the right
 */
export interface FadeSide {
  /**
   * mm
   */
  sideburnMm: number;
  /**
   * mm
   */
  behindEarMm: number;
}
/**
 * hair about one place, cut freehand by what is there: most at the place and less and less round it
 */
export interface SpotCut {
  kind: "spot";
  place: Place;
  /**
   * what comes off, mm dry and straight
   */
  offMm: number;
  /**
   * how far from the place it reaches, mm
   */
  spanMm: number;
  /**
   * how far the hair is short already and left alone at its middle, mm, no more than the span; 0 to cut the place itself
   */
  coreMm?: number;
}
export interface Edge {
  kind: "edge";
  outline: Outline;
  /**
   * what the bare blade leaves, mm
   */
  bladeMm: number;
}
export interface HalfMoon {
  kind: "halfMoon";
  /**
   * the client's
   */
  side: "left" | "right";
  /**
   * off the natural hairline at the ear's top; below 0 hair lies on the ear, mm
   */
  raiseMm: number;
}
export interface SideburnEnd {
  kind: "sideburn";
  /**
   * the client's
   */
  side: "left" | "right";
  /**
   * above its natural end, mm
   */
  raiseMm: number;
  /**
   * 0 level; above 0 the front is higher
   */
  slopeDeg: number;
}
export interface NapeLine {
  kind: "nape";
  form: "natural" | "square" | "rounded" | "pointed";
  /**
   * above the natural hairline at the centre, mm
   */
  raiseMm: number;
  /**
   * of the corners of a square one, mm
   */
  cornerRadiusMm: number;
}
export interface HardLine {
  kind: "hardLine";
  from: Place;
  to: Place;
  /**
   * mm
   */
  widthMm: number;
}
export interface Taper {
  kind: "taper";
  /**
   * at the hairline, mm
   */
  lengthMm: number;
  /**
   * where it ends, mm
   */
  farMm: number;
  /**
   * its height at the sideburn, mm
   */
  sideburnMm: number;
  /**
   * its height behind the ear, mm
   */
  behindEarMm: number;
  /**
   * its height at the nape, mm
   */
  napeMm: number;
  /**
   * what cuts over a comb turned off the head in a C; left out for the bare blade
   */
  over?: "clipper" | "scissors";
}
export interface Texture {
  kind: "texture";
  tool:
    | "pointShallow"
    | "pointDeep"
    | "notch"
    | "channel"
    | "slide"
    | "razor"
    | "thinningShears"
    | "wideToothed"
    | "carvingHalf"
    | "carvingFull"
    | "twist";
  /**
   * of the hairs a pass touches; the tool's usual share when left out
   */
  share?: number;
  /**
   * how far from the ends the deepest cut is, mm; the tool's usual depth when left out
   */
  depthMm?: number;
  passes: number;
  /**
   * all of the section, its upper half that lies over the rest, or its lower half beneath; all when left out
   */
  layer?: "all" | "outer" | "underlay";
}
export interface Aside {
  kind: "aside";
  /**
   * a step between the cuts
   */
  what: "mist" | "dry" | "approve" | "crossCheck" | "cleanNeck" | "product";
}
/**
 * of its handling what is set; what is left out is worked out
 */
export interface Handling {
  /**
   * how far the head is tilted away from the stylist
   */
  tiltDeg?: number;
  /**
   * the way a blade strokes, the same on both sides
   */
  stroke?: "down" | "up" | "forward" | "back";
  /**
   * what keeps an ear from the blade
   */
  ear?: "comb" | "client" | "hand";
  /**
   * what is put on the hair before it
   */
  wetting?: "none" | "mist" | "lotion";
}
export interface MeantJump {
  /**
   * id of a section
   */
  one: string;
  /**
   * id of the section next to it
   */
  other: string;
  /**
   * why it is meant
   */
  note?: string;
}
/**
 * the answers to what is asked before a cut; left out is not asked
 */
export interface Wishes {
  /**
   * lengths and landings
   *
   * @maxItems 40
   */
  points?: Wish[];
  /**
   * places at which nothing is cut
   *
   * @maxItems 22
   */
  leaveAlone?: Place[];
  /**
   * how much of the ear is covered
   */
  ear?: "free" | "touching" | "half" | "covered";
  /**
   * how it ends
   */
  sideburn?: "short" | "midEar" | "long" | "point" | "intoBeard";
  /**
   * how it is finished
   */
  nape?: "natural" | "rounded" | "square" | "tapered" | "tail";
  /**
   * what hangs over the forehead
   */
  fringe?: "none" | "short" | "brow" | "long" | "side";
  /**
   * the most that may come off anywhere: half an inch, two inches, or what the shape asks for
   */
  howMuch?: "little" | "some" | "all";
  /**
   * where the hair parts
   */
  parting?: "none" | "natural" | "left" | "centre" | "right";
  /**
   * all the ways it is worn
   *
   * @maxItems 5
   *
   * Items: a way it is worn
   */
  worn?: ("forward" | "back" | "up" | "side" | "tucked")[];
  /**
   * what is done in the morning
   */
  upkeep?: "nothing" | "hands" | "dryer" | "productAndDryer";
  /**
   * how many weeks the cut should hold
   */
  holdWeeks?: number;
  /**
   * who says when it is right
   */
  decides?: "client" | "stylist" | "together" | "guardian";
  note?: string;
}
/**
 * one of lengthMm, landing and standMm
 */
export interface Wish {
  place: Place;
  /**
   * as worn, dry and let go, mm
   */
  lengthMm?: number;
  /**
   * where the ends land, combed flat
   */
  landing?: "brow" | "eye" | "cheek" | "noseTip" | "earTop" | "midEar" | "earLobe" | "jaw" | "chin" | "collar";
  /**
   * how high it stands over the place when it is worn up, mm
   */
  standMm?: number;
}
export interface Cautions {
  /**
   * what is seen on the skin
   *
   * @maxItems 30
   */
  skin?: SkinNote[];
  allergies?: string;
  consent?: Consent;
  /**
   * a child, or one who moves a lot
   */
  lively?: boolean;
}
export interface SkinNote {
  /**
   * what is seen; the last three stop the cut
   */
  kind: "mole" | "scar" | "tender" | "sunburn" | "flaking" | "brokenSkin" | "looksInfected" | "lice";
  near: Place;
  note?: string;
}
export interface Consent {
  minor?: boolean;
  guardian?: string;
  photos?: boolean;
  notes?: boolean;
}
/**
 * what makes a plan a shape family
 */
export interface Family {
  /**
   * lower case with hyphens
   */
  id: string;
  /**
   * start, moves and look
   */
  about?: string;
  /**
   * what makes it right
   */
  mark?: string;
  /**
   * numbers that may be fitted to a client
   *
   * @maxItems 40
   */
  knobs?: Knob[];
  /**
   * the lengths that make the shape; a client's own go before them
   *
   * @maxItems 40
   */
  wishes?: Wish[];
  needs?: Needs;
}
export interface Knob {
  /**
   * unique in the family
   */
  id: string;
  /**
   * the number is set in all of these
   *
   * @minItems 1
   * @maxItems 20
   *
   * Items: id of a move
   */
  moves: string[];
  /**
   * which number
   */
  dial:
    | "length"
    | "farLength"
    | "off"
    | "fingerDeg"
    | "elevationDeg"
    | "gap"
    | "leanDeg"
    | "guardNumber"
    | "rockAt"
    | "raise";
  /**
   * the least it may be fitted to
   */
  min: number;
  /**
   * the most
   */
  max: number;
  /**
   * what it decides
   */
  why?: string;
}
export interface Needs {
  /**
   * 0 or left out for any
   */
  minDensityPerCm2?: number;
  /**
   * hair curlier than this does not hold the shape
   */
  minCurlRatio?: number;
  /**
   * hair straighter than this does not
   */
  maxCurlRatio?: number;
  /**
   * hair that must be there, though it is not cut to that length
   *
   * @maxItems 20
   */
  atLeast?: Wish[];
}
/**
 * how the cut is worn; natural when left out
 */
export interface Styling {
  /**
   * which way it is combed; to a side from the parting on the other
   */
  way?: "natural" | "back" | "forward" | "left" | "right" | "up";
  /**
   * where it parts
   */
  part?: "none" | "left" | "centre" | "right";
  /**
   * weight of product over the weight of the hair
   */
  productShare?: number;
  /**
   * how firmly it is set: 0 let go, 1 stays where it is put
   */
  hold?: number;
  /**
   * as it falls wet
   */
  wet?: boolean;
  /**
   * with what it was dried; by the air when left out
   */
  dried?: "air" | "cloth" | "nozzle" | "diffuser" | "ventBrush" | "flatBrush" | "roundBrush" | "iron";
  /**
   * since it was dried
   */
  hours?: number;
  /**
   * how damp the air has been since
   */
  dampAir?: number;
}
export interface Meant {
  /**
   * id of the rule
   */
  rule: string;
  /**
   * the move it was found at; any when left out
   */
  move?: string | null;
  /**
   * where; anywhere when left out
   */
  place?: Place | null;
  note?: string;
}
/**
 * What is in the chair and what is wanted. Ranges stand in the plan document.
 */
export interface SitDocument {
  version: 1;
  head: Head & {
    kind?: "measured";
  };
  hair?: Hair;
  start: Start;
  wishes?: Wishes;
  cautions?: Cautions;
}
/**
 * What a hand did in a drill. Strokes, fades, guides and places stand in the plan document.
 */
export interface TryDocument {
  version: 1;
  drill:
    | "readLength"
    | "findLandmark"
    | "oneCentimetre"
    | "overComb"
    | "guards"
    | "hold"
    | "walkGuide"
    | "whatLeaves"
    | "findFault"
    | "putInOrder"
    | "saveIt"
    | "wholeCut";
  /**
   * the same one is the same head
   */
  seed: number;
  level: number;
  /**
   * it took
   */
  seconds: number;
  /**
   * with which hand; the right when left out
   */
  leftHand?: boolean;
  tried: Tried;
}
export interface Lengths {
  kind: "lengths";
  /**
   * as read, mm dry and straight
   */
  saidMm: {
    [k: string]: number;
  };
}
export interface Touched {
  kind: "touched";
  /**
   * where each landmark was touched
   */
  at: {
    [k: string]: Spot;
  };
}
export interface Combed {
  kind: "combed";
  strokes: Strokes;
}
export interface Guarded {
  kind: "guarded";
  fade: Fade;
}
export interface Held {
  kind: "held";
  elevationDeg: number;
  /**
   * out is above 0
   */
  fingerDeg: number;
  guide: Guide;
}
export interface Walked {
  kind: "walked";
  /**
   * @minItems 1
   * @maxItems 80
   */
  bites: {
    widthMm: number;
    /**
     * where old and new hair are held together
     */
    held: "newWhereItGrows" | "backToOld" | "onToNew" | "middle";
  }[];
}
export interface Chosen {
  kind: "chosen";
  which: number;
}
export interface Found {
  kind: "found";
  place: Place;
  fault: "elbowSank" | "guideCrept" | "oldToNew" | "cutOnWhorl" | "cornerLeft" | "oneSideLonger";
  /**
   * pairs of places held against each other
   */
  checks: number;
}
export interface Ordered {
  kind: "ordered";
  /**
   * @minItems 1
   * @maxItems 80
   */
  moves: string[];
}
export interface Saved {
  kind: "saved";
  way: "leave" | "soften" | "match";
}
export interface Whole {
  kind: "whole";
  /**
   * moves in the order they were done; what is not among them was left out
   *
   * @maxItems 200
   */
  led: Led[];
  /**
   * what the check round found
   *
   * @maxItems 22
   */
  notRight?: Place[];
}
/**
 * a move as the hand led it
 */
export interface Led {
  move: string;
  /**
   * the numbers the hand set, mm, degrees and a guard's own; what is left out is done as it is asked
   */
  dials?: {
    /**
     * where the fingers stop, mm
     */
    length?: number;
    /**
     * the same at a slope's far end, mm
     */
    farLength?: number;
    /**
     * what comes off the ends, mm
     */
    off?: number;
    /**
     * how high it is held
     */
    elevationDeg?: number;
    /**
     * how the fingers lie, out is above 0
     */
    fingerDeg?: number;
    /**
     * how far off the skin the comb begins, mm
     */
    gap?: number;
    /**
     * how far it leans off the head
     */
    leanDeg?: number;
    /**
     * the guard
     */
    guardNumber?: number;
  };
}
/**
 * Drills in a row, as a teacher sets them.
 */
export interface CourseDocument {
  version: 1;
  title: string;
  /**
   * @minItems 1
   * @maxItems 40
   */
  steps: {
    drill:
      | "readLength"
      | "findLandmark"
      | "oneCentimetre"
      | "overComb"
      | "guards"
      | "hold"
      | "walkGuide"
      | "whatLeaves"
      | "findFault"
      | "putInOrder"
      | "saveIt";
    /**
     * the head everybody gets; a new one each time when left out
     */
    seed?: number;
    level: number;
    /**
     * how often it is to be good
     */
    good: number;
  }[];
}
