/** The page's names for what the contract says; nothing here is written by hand. */
import type * as D from "./documents";
import type { components, paths } from "./schema";

type S = components["schemas"];

/** Words of the trade that are something on a head. */
export type DrawnWord = paths["/api/words/{word}/picture.png"]["get"]["parameters"]["path"]["word"];

export type PersonView = S["PersonView"];
export type AppointmentRow = S["Appointment"];
export type Today = S["Today"];
export type DiaryView = S["Diary"];
export type ClientRow = S["ClientRow"];
export type SitDownRow = S["SitDownRow"];
export type ClientView = S["ClientView"];
export type GrowingWay = S["GrowingWay"];
export type SitDownView = S["SitDownView"];
export type SitReading = S["SitReading"];
export type FittedScan = S["FittedScan"];
export type CardsRead = S["CardsRead"];
export type PickGroup = S["PickGroup"];
export type Ramp = S["Ramp"];
export type CoatRow = S["CoatRow"];
export type DialsView = S["DialsView"];
export type FadeView = S["FadeView"];
export type FreeTime = S["Free"];
export type GripRow = S["GripRow"];
export type HairInk = S["HairInk"];
export type LandingRow = S["LandingRow"];
export type ScalpMap = S["ScalpMap"];
export type SectionRow = S["SectionRow"];
export type NewPlan = S["NewPlan"];
export type NewClient = S["NewClient"];
export type NewTool = S["NewTool"];
export type NewPerson = S["NewPerson"];
export type OwnPassword = S["OwnPassword"];
export type School = S["School"];
export type Cost = S["CostRow"];
export type RemedyRow = S["RemedyRow"];
export type VersionRow = S["VersionRow"];
export type Added = S["Added"];
export type PlanView = S["PlanView"];
export type ChairEntry = S["ChairEntry"];
export type EntryRow = S["EntryRow"];
export type Replanned = S["ReplanView"];
export type VisitLengths = S["VisitLengths"];
export type Round = S["Round"];
export type RoundPart = S["RoundPart"];
export type Repairs = S["RepairsView"];
export type SittingView = S["SittingView"];
export type NeedRow = S["NeedRow"];
export type ToolRow = S["ToolRow"];
export type MessageRow = S["MessageRow"];
export type PersonRow = S["PersonRow"];
export type OpeningRow = S["OpeningRow"];
export type ClosedRow = S["ClosedRow"];
export type ServiceRow = S["ServiceRow"];
export type Wording = S["Wording"];
export type PushedRow = S["PushedRow"];
export type VisitRow = S["VisitRow"];
export type TaskView = S["TaskView"];
export type ScoreView = S["ScoreView"];
export type Practised = S["Practised"];
export type DrillId = S["Drill"];
export type CourseRow = S["CourseRow"];
export type LearnerRow = S["LearnerRow"];
export type SaidPart = S["SaidPart"];
/** A walk with the lengths along it, which come as bytes. */
export type Walk = S["WalkView"] & Required<Pick<S["WalkView"], "beforeMm" | "afterMove">>;
export type Finding = S["FindingView"];
export type Meant = D.Meant;
/** What is said of a plan, before its lengths. */
export type Result = Omit<S["PlanAnswer"], "walks"> & { walks: Walk[] };
/** What fallen hair is drawn with. */
export type FallColours = S["SitFall"];
/** What is said of a move on hair, before its strands. */
export type InHandSaid = S["InHandAnswer"];
/** What is read of fallen hair, before its strands. */
export type FallReading = S["FallAnswer"];
/** A line of the ranking as it comes in: how far it is, or at last the families, best first. */
export type RankLine = Partial<S["Done"] & S["RankingView"]>;

export type SitDocument = D.SitDocument;
export type Place = D.Place;
export type Spot = D.Spot;
export type HairPatch = D.HairPatch;
export type Jump = D.Jump;
export type Wish = D.Wish;
export type HairColour = NonNullable<D.Hair["colour"]>;
export type Beard = NonNullable<D.Hair["beard"]>;
export type PlanDocument = D.PlanDocument;
export type TryDocument = D.TryDocument;
export type Tried = D.Tried;
export type Course = D.CourseDocument;
export type Strokes = D.Strokes;
export type Stroke = D.Stroke;
export type StrokeAt = D.StrokeAt;
export type Move = D.Move;
export type Handling = D.Handling;
export type Cut = D.Cut;
export type Fingers = D.Fingers;
export type Comb = D.Comb;
export type Guard = D.Guard;
export type Fade = D.Fade;
export type FadeBand = D.FadeBand;
export type Edge = D.Edge;
export type Texture = D.Texture;
export type Outline = D.Outline;
export type Hold = D.Hold;
export type Line = D.Line;
export type Guide = D.Guide;
export type Hand = D.Hand;
export type Styling = D.Styling;
export type Way = NonNullable<D.Styling["way"]>;
export type Dried = NonNullable<D.Styling["dried"]>;
