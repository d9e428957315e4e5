import type { PlanDocument } from "../api/types";
import { changes } from "../store/asks";
import { choose, editPlan } from "../store/planStore";
import { Menu } from "./Menu";

const OUTLINES = [
  ["taper", "Drop taper"],
  ["earArc", "Ear arcs"],
  ["sideburn", "Sideburns"],
  ["nape", "Nape line"],
] as const;

/** Lines round the edge that the plan does not have yet; a new one comes last but for the product, and is chosen. */
export function AddLine({ document }: { document: PlanDocument }) {
  const product = document.moves.findIndex((m) => m.cut.kind === "aside" && m.cut.what === "product");
  const at = product < 0 ? document.moves.length : product;
  return (
    <Menu name="Add a line" up>
      {(shut) =>
        OUTLINES.map(([what, name]) => (
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
        ))
      }
    </Menu>
  );
}
