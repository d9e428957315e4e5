import type { PlanDocument } from "../api/types";
import { changes } from "../store/asks";
import { choose, editPlan } from "../store/planStore";
import { worded } from "../words/worded";
import { AddFade, lastButProduct } from "./AddFade";
import { Menu } from "./Menu";

const OUTLINES = [
  ["taper", worded("addLine.drop-taper")],
  ["earArc", worded("addLine.ear-arcs")],
  ["sideburn", worded("addLine.sideburns")],
  ["nape", worded("addLine.nape-line")],
] as const;

/** Lines round the edge that the plan does not have yet; a new one comes last but for the product, and is chosen. */
export function AddLine({ document }: { document: PlanDocument }) {
  const at = lastButProduct(document);
  return (
    <Menu name={worded("addLine.add-a-line")} up>
      {(shut) => (
        <>
          <AddFade document={document} shut={shut} />
          {OUTLINES.map(([what, name]) => (
            <button
              key={what}
              type="button"
              className="btn touch"
              onClick={() => {
                shut();
                void editPlan(changes.move({ what, section: "", at })).then((done) => done && choose(at));
              }}
            >
              {name}
            </button>
          ))}
        </>
      )}
    </Menu>
  );
}
