import type { ReactNode } from "react";
import type { FallData, HeadData } from "../api/binary";
import { Ghost3D } from "./Ghost3D";
import { HairStage } from "./HairStage";
import { HairSvg } from "./HairSvg";
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

/** The head with its hair fallen. */
export function Hair3D(props: Props) {
  return (
    <div className="relative h-full w-full" data-testid="hair">
      <HairStage
        view={props.view}
        viewTurn={props.viewTurn}
        label={props.label}
        linked={props.linked}
        instead={<HairSvg head={props.head} fall={props.fall} view={props.view} label={props.label} />}
      >
        <Strands3D head={props.head} fall={props.fall} lengths={props.lengths} light={props.light} />
        {props.other && <Ghost3D fall={props.other} />}
        {props.children}
      </HairStage>
    </div>
  );
}
