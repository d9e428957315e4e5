import type { FieldProblem } from "../api/http";
import type { SitDocument } from "../api/types";
import type { Units } from "../store/units";
import { LengthField } from "./fields";
import { sit } from "./sitStore";

const NUMBERS = [
  ["frontPeakMm", "Front V", "below 0 round"],
  ["recessionLeftMm", "Left recession", "set back"],
  ["recessionRightMm", "Right recession", "set back"],
  ["templeMm", "Temple points", "forward"],
  ["sideburnMm", "Sideburns", "below mid ear"],
  ["sideburnWidthMm", "Sideburn width", "wider than usual"],
  ["napeDropMm", "Nape lower", ""],
  ["napePointMm", "Nape V", ""],
  ["napePointsMm", "Nape points", ""],
  ["napeRoundMm", "Nape corners off", ""],
] as const;

/** The hairline's numbers, for a hairline between two picks. */
export function HairlineNumbers(props: { document: SitDocument; units: Units; problems: FieldProblem[] }) {
  const { document, units, problems } = props;
  return (
    <details>
      <summary className="touch flex cursor-pointer items-center font-bold underline">Exact numbers</summary>
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
