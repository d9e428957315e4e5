import type { PlanDocument } from "../api/types";
import { change, choose, editPlan } from "../store/planStore";
import type { EdgeHandle } from "./edges";
import { NAPE_FORMS } from "./napeForms";
import { Pick } from "./Pick";
import { Stepper } from "./Stepper";

const OUTLINES = [
  ["taper", "Drop taper"],
  ["earArc", "Ear arcs"],
  ["sideburn", "Sideburns"],
  ["nape", "Nape line"],
] as const;

type Props = { handles: EdgeHandle[]; document: PlanDocument; chosen: number };

/** The edge in numbers, the shape of the nape, and outlines the plan does not have yet. */
export function EdgeTable({ handles, document, chosen }: Props) {
  const seen = new Set<string>();
  const rows = handles.filter((h) => {
    const one = `${h.name}/${h.move}`;
    return seen.has(one) ? false : seen.add(one);
  });
  const nape = document.moves.findIndex((m) => m.cut.kind === "edge" && m.cut.outline.kind === "nape");
  const outline = document.moves[nape]?.cut;
  return (
    <fieldset className="grid min-w-72 flex-1 content-start gap-2 sm:grid-cols-2">
      <legend className="sr-only">Edge</legend>
      {rows.map((h) => (
        <Stepper
          key={h.key}
          label={h.name}
          value={h.heightMm}
          step={1}
          min={h.min}
          max={h.max}
          unit="mm"
          onChange={(mm) => {
            if (h.move >= 0 && h.move !== chosen) choose(h.move);
            h.set(mm);
          }}
        />
      ))}
      {outline?.kind === "edge" && outline.outline.kind === "nape" && (
        <Pick
          label="Nape shape"
          value={outline.outline.form}
          options={NAPE_FORMS}
          onChange={(v) => change(["moves", nape, "cut", "outline", "form"], v)}
        />
      )}
      <span className="flex flex-wrap items-center gap-1 sm:col-span-2">
        Add
        {OUTLINES.map(([what, name]) => (
          <button
            key={what}
            type="button"
            className="btn touch"
            onClick={() =>
              void editPlan("move", { what, section: "", at: document.moves.length }).then(
                (done) => done && choose(document.moves.length),
              )
            }
          >
            {name}
          </button>
        ))}
      </span>
    </fieldset>
  );
}
