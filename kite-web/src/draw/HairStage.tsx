import type { ComponentProps } from "react";
import { HeadStage } from "./HeadStage";

/** While it turns on a slow machine: so many of the pixels. */
const MOVING_RATIO = 0.5;
/** Every strand takes its time: the sharp picture is begun a little sooner than of a bare head. */
const STILL_MS = 80;
/** Hair is fine enough at this, and drawn within a quarter of a second of rest. */
const SHARP_RATIO = 1.25;

/** The stage of a head whose hair is drawn strand by strand. */
export function HairStage(
  props: Omit<ComponentProps<typeof HeadStage>, "movingRatio" | "stillMs" | "sharpRatio">,
) {
  return <HeadStage {...props} movingRatio={MOVING_RATIO} stillMs={STILL_MS} sharpRatio={SHARP_RATIO} />;
}
