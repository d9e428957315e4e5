import { useState } from "react";
import { worded } from "../words/worded";
import { Done } from "./Done";
import type { DrillProps } from "./drill";

/** The moves of a shape, shuffled: in which order are they done? */
export function PutInOrder({ task, score, panel, busy, done }: DrillProps) {
  const [order, setOrder] = useState(task.choices.map((c) => c.id));
  const name = (id: string) => task.choices.find((c) => c.id === id)?.words ?? id;
  const shift = (i: number, by: 1 | -1) => {
    const next = [...order];
    const [id] = next.splice(i, 1);
    next.splice(i + by, 0, id as string);
    setOrder(next);
  };
  return (
    <div className="grid max-w-3xl gap-3">
      {panel}
      <ol className="grid gap-1">
        {order.map((id, i) => (
          <li key={id} className="flex items-center gap-2 border-base-300 border-b">
            <b className="w-8 text-right">{i + 1}</b>
            <span className="grow text-lg">{name(id)}</span>
            {!score && (
              <>
                <button
                  type="button"
                  className="btn touch"
                  disabled={i === 0}
                  aria-label={worded("practice.earlier", { name: name(id) })}
                  onClick={() => shift(i, -1)}
                >
                  ↑
                </button>
                <button
                  type="button"
                  className="btn touch"
                  disabled={i === order.length - 1}
                  aria-label={worded("practice.later", { name: name(id) })}
                  onClick={() => shift(i, 1)}
                >
                  ↓
                </button>
              </>
            )}
          </li>
        ))}
      </ol>
      <Done busy={busy} tried={score !== undefined} done={() => done({ kind: "ordered", moves: order })} />
    </div>
  );
}
