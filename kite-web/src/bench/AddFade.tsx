import type { PlanDocument } from "../api/types";
import { changes } from "../store/asks";
import { choose, editPlan } from "../store/planStore";
import { worded } from "../words/worded";

/** Where what is cut along the edge comes in the order: last but for the product. */
export function lastButProduct(document: PlanDocument): number {
  const product = document.moves.findIndex((m) => m.cut.kind === "aside" && m.cut.what === "product");
  return product < 0 ? document.moves.length : product;
}

/** Puts a fade into the plan, or leads to the one it has. */
export function AddFade({ document, shut }: { document: PlanDocument; shut: () => void }) {
  const has = document.moves.findIndex((m) => m.cut.kind === "fade");
  const at = lastButProduct(document);
  return (
    <button
      type="button"
      className="btn touch"
      onClick={() => {
        shut();
        if (has >= 0) choose(has);
        else void editPlan(changes.fade({ start: "drop", at })).then((done) => done && choose(at));
      }}
    >
      {worded("addFade.fade")}
    </button>
  );
}
