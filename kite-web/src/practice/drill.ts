import type { ReactNode } from "react";
import type { ScoreView, TaskView, Tried } from "../api/types";
import type { Units } from "../store/units";

/** What every drill is given. */
export type DrillProps = {
  task: TaskView;
  units: Units;
  /** Once it was tried: what it came to. */
  score?: ScoreView;
  /** The same, to be shown beside the head. */
  panel?: ReactNode;
  busy: boolean;
  done: (tried: Tried) => void;
};
