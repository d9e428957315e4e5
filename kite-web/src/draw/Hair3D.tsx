import type { ReactNode } from "react";
import type { FallData, HeadData } from "../api/binary";
import { Ghost3D } from "./Ghost3D";
import { HairSvg } from "./HairSvg";
import { HeadStage } from "./HeadStage";
import type { Light } from "./lights";
import { Strands3D } from "./Strands3D";
import type { ViewName } from "./views";

type Props = {
  head: HeadData;
  fall: FallData;
  /** Length just cut at every vertex of the scalp, for how much skin the roots hide. */
  lengths: Float32Array;
  view: ViewName;
  viewTurn: number;
  label: string;
  /** Turns together with the other head on the screen. */
  linked?: boolean;
  /** Another plan's or week's hair laid over it in outline. */
  other?: FallData;
  light?: Light;
  /** Drawn on the head besides. */
  children?: ReactNode;
};

/** While it turns on a slow machine: so many of the pixels. */
const MOVING_RATIO = 0.5;
/** Every strand takes its time: the sharp picture is begun a little sooner than of a bare head. */
const STILL_MS = 80;
/** Hair is fine enough at this, and drawn within a quarter of a second of rest. */
const SHARP_RATIO = 1.25;

/** The head with its hair fallen. */
export function Hair3D(props: Props) {
  return (
    <div className="relative h-full w-full" data-testid="hair">
      <HeadStage
        view={props.view}
        viewTurn={props.viewTurn}
        label={props.label}
        linked={props.linked}
        movingRatio={MOVING_RATIO}
        stillMs={STILL_MS}
        sharpRatio={SHARP_RATIO}
        instead={<HairSvg head={props.head} fall={props.fall} view={props.view} label={props.label} />}
      >
        <Strands3D head={props.head} fall={props.fall} lengths={props.lengths} light={props.light} />
        {props.other && <Ghost3D fall={props.other} />}
        {props.children}
      </HeadStage>
    </div>
  );
}
