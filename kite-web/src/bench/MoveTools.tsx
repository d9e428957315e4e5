import { useState } from "react";
import type { PlanDocument } from "../api/types";
import { changes } from "../store/asks";
import { choose, editPlan } from "../store/planStore";
import { worded } from "../words/worded";
import { AddFade } from "./AddFade";
import { Menu } from "./Menu";

const KINDS = [
  ["fingers", worded("moveTools.over-the-fingers")],
  ["scissorComb", worded("moveTools.scissors-over-comb")],
  ["clipperComb", worded("moveTools.clipper-over-comb")],
  ["guard", worded("moveTools.guard")],
  ["texture", worded("moveTools.texture")],
  ["crossCheck", worded("moveTools.cross-check")],
] as const;

type Props = { document: PlanDocument; chosen: number };

/** The string's own tools: a move earlier, later, on the other side, out, or a new one after it. */
export function MoveTools({ document, chosen }: Props) {
  const move = document.moves[chosen];
  if (!move) return null;
  const tools = <Tools document={document} chosen={chosen} move={move.id} />;
  return (
    <>
      <div className="hidden items-center gap-1 xl:flex">
        {tools}
        <Menu name={worded("moveTools.add")}>
          {(shut) => <Add document={document} chosen={chosen} shut={shut} />}
        </Menu>
      </div>
      <div className="xl:hidden">
        <Menu name={worded("moveTools.moves")}>
          {(shut) => (
            <>
              {tools}
              <Add document={document} chosen={chosen} shut={shut} />
            </>
          )}
        </Menu>
      </div>
    </>
  );
}

async function asked(body: Parameters<typeof changes.move>[0], then: number): Promise<void> {
  if (await editPlan(changes.move(body))) choose(then);
}

function Tools({ document, chosen, move }: Props & { move: string }) {
  const all = [
    [worded("moveTools.earlier"), "reorder", chosen - 1, chosen - 1],
    [worded("moveTools.later"), "reorder", chosen + 1, chosen + 1],
    [worded("moveTools.other-side"), "otherSide", 0, chosen + 1],
    [worded("common.remove"), "remove", 0, Math.max(0, chosen - 1)],
  ] as const;
  return all.map(([name, what, at, then]) => (
    <button
      key={name}
      type="button"
      className="btn touch"
      disabled={what === "reorder" && (at < 0 || at >= document.moves.length)}
      onClick={() => void asked({ what, move, at }, then)}
    >
      {name}
    </button>
  ));
}

function Add({ document, chosen, shut }: Props & { shut: () => void }) {
  const [section, setSection] = useState(document.moves[chosen]?.section ?? "");
  return (
    <>
      <label className="grid gap-1 text-sm">
        {worded("moveTools.a-new-move-after")}
        <select
          className="select touch w-full text-base"
          value={section}
          onChange={(e) => setSection(e.target.value)}
        >
          {document.sections.map((s) => (
            <option key={s.id} value={s.id}>
              {s.name}
            </option>
          ))}
        </select>
      </label>
      {KINDS.map(([what, name]) => (
        <button
          key={what}
          type="button"
          className="btn touch"
          onClick={() => {
            shut();
            void asked({ what, section, at: chosen + 1 }, chosen + 1);
          }}
        >
          {name}
        </button>
      ))}
      <AddFade document={document} shut={shut} />
    </>
  );
}
