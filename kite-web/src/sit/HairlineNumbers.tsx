import type { FieldProblem } from "../api/http";
import type { SitDocument } from "../api/types";
import { LengthField } from "../parts/fields";
import type { Units } from "../store/units";
import { worded } from "../words/worded";
import { sit } from "./sitStore";

const NUMBERS = [
  ["frontPeakMm", worded("hairlineNumbers.front-v"), "below 0 round"],
  ["recessionLeftMm", worded("hairlineNumbers.left-recession"), worded("hairlineNumbers.set-back")],
  ["recessionRightMm", worded("hairlineNumbers.right-recession"), worded("hairlineNumbers.set-back")],
  ["templeMm", worded("hairlineNumbers.temple-points"), "forward"],
  ["sideburnMm", worded("hairlineNumbers.sideburns"), worded("hairlineNumbers.below-mid-ear")],
  ["sideburnWidthMm", worded("hairlineNumbers.sideburn-width"), worded("hairlineNumbers.wider-than-usual")],
  ["napeDropMm", worded("hairlineNumbers.nape-lower"), ""],
  ["napePointMm", worded("hairlineNumbers.nape-v"), ""],
  ["napePointsMm", worded("hairlineNumbers.nape-points"), ""],
  ["napeRoundMm", worded("hairlineNumbers.nape-corners-off"), ""],
] as const;

/** The hairline's numbers, for a hairline between two picks. */
export function HairlineNumbers(props: { document: SitDocument; units: Units; problems: FieldProblem[] }) {
  const { document, units, problems } = props;
  return (
    <details>
      <summary className="touch flex cursor-pointer items-center font-bold underline">
        {worded("hairlineNumbers.exact-numbers")}
      </summary>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-x-3 gap-y-2">
        {NUMBERS.map(([key, name, hint]) => (
          <LengthField
            key={key}
            name={name}
            path={`$.head.hairline.${key}`}
            mm={document.head.hairline?.[key] ?? 0}
            units={units}
            problems={problems}
            hint={hint}
            set={(mm) => sit.change(["head", "hairline", key], mm ?? 0)}
          />
        ))}
      </div>
    </details>
  );
}
