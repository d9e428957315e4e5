import { useState } from "react";
import { DrawnStill } from "../draw/DrawnStill";
import { worded } from "../words/worded";
import { Done } from "./Done";
import type { DrillProps } from "./drill";

const LETTERS = ["A", "B", "C", "D"];

/** A move is described: which of four heads does it leave? */
export function WhatLeaves({ task, score, panel, busy, done }: DrillProps) {
  const [chosen, setChosen] = useState<number>();
  return (
    <div className="grid gap-3">
      {panel}
      <ul className="grid grid-cols-2 gap-3 lg:grid-cols-4">
        {task.pictures.map((p, i) => {
          const told = score?.more[i];
          const letter = LETTERS[i] ?? "";
          return (
            <li key={letter} className="flex">
              <button
                type="button"
                aria-pressed={chosen === i}
                disabled={score !== undefined}
                className={`flex w-full flex-col gap-1 rounded-box border-3 p-2 text-left ${chosen === i ? "border-primary" : "border-base-300"} ${score ? "" : "cursor-pointer hover:border-primary"}`}
                onClick={() => setChosen(i)}
              >
                <span className="flex">
                  {(["right", "back"] as const).map((view) => (
                    <DrawnStill
                      key={view}
                      document={p}
                      view={view}
                      name={letter}
                      className="h-40 min-w-0 flex-1 md:h-56"
                    />
                  ))}
                </span>
                <b className="text-xl">{letter}</b>
                {told && <span className="text-lg">{told}</span>}
              </button>
            </li>
          );
        })}
      </ul>
      <div className="grid max-w-sm">
        <Done
          busy={busy}
          tried={score !== undefined}
          can={chosen !== undefined}
          name={
            chosen === undefined
              ? worded("practice.choose-one")
              : worded("practice.it-leaves", { letter: LETTERS[chosen] ?? "" })
          }
          done={() => done({ kind: "chosen", which: chosen ?? 0 })}
        />
      </div>
    </div>
  );
}
