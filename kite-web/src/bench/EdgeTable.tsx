import type { PlanDocument } from "../api/types";
import { Stepper } from "../parts/Stepper";
import { change, choose } from "../store/planStore";
import { worded } from "../words/worded";
import type { EdgeHandle } from "./edges";
import { NAPE_FORMS } from "./napeForms";
import { Pick } from "./Pick";

type Props = { handles: EdgeHandle[]; document: PlanDocument; chosen: number };

/** The edge in numbers, and the shape of the nape. */
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
      <legend className="sr-only">{worded("edgeTable.edge")}</legend>
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
          label={worded("common.nape-shape")}
          value={outline.outline.form}
          options={NAPE_FORMS}
          onChange={(v) => change(["moves", nape, "cut", "outline", "form"], v)}
        />
      )}
    </fieldset>
  );
}
