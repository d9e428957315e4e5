import { useRef, useState } from "react";
import type { Cut, SaidPart } from "../api/types";
import { Stepper } from "../parts/Stepper";
import { change } from "../store/planStore";
import type { Units } from "../store/units";
import { useShut } from "../store/useShut";
import { type Changed, changedAt } from "./numbers";

type Props = { parts: SaidPart[]; cut: Cut; at: (string | number)[]; units: Units };

/** A move in a sentence; what can be changed is underlined and opens where it stands. */
export function Sentence({ parts, cut, at, units }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  const box = useRef<HTMLParagraphElement>(null);
  useShut(box, open !== null, () => setOpen(null));
  return (
    <div ref={box} className="relative text-lg leading-8">
      {parts.map((p, i) => {
        const changed = p.path === undefined ? undefined : changedAt(cut, p.path, units);
        if (!changed || p.path === undefined) {
          // biome-ignore lint/suspicious/noArrayIndexKey: a sentence is said anew as a whole
          return <span key={i}>{p.text}</span>;
        }
        const path = p.path;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a sentence is said anew as a whole
          <span key={i}>
            <button
              type="button"
              className="cursor-pointer border-primary border-b-2 border-dotted font-bold"
              aria-label={`${changed.label}: ${p.text}`}
              aria-expanded={open === path}
              onClick={() => setOpen(open === path ? null : path)}
            >
              {p.text}
            </button>
            {open === path && (
              <span className="absolute inset-x-0 z-20 mt-9 block rounded-box border-2 border-base-content bg-base-100 p-3 leading-normal">
                <Change of={changed} at={at} path={path} shut={() => setOpen(null)} />
              </span>
            )}
          </span>
        );
      })}
    </div>
  );
}

type ChangeProps = { of: Changed; at: (string | number)[]; path: string; shut: () => void };

function Change({ of, at, path, shut }: ChangeProps) {
  if (of.kind === "number")
    return (
      <Stepper
        label={of.label}
        value={of.value}
        step={of.step}
        least={of.least}
        min={of.min}
        max={of.max}
        unit={of.unit}
        onChange={(v) => change([...at, ...path.split(".")], of.toDocument(v))}
      />
    );
  return (
    <fieldset className="flex flex-wrap gap-1">
      <legend className="sr-only">{of.label}</legend>
      {of.options.map(([v, name]) => (
        <button
          key={v}
          type="button"
          aria-pressed={v === of.value}
          className={`btn touch ${v === of.value ? "btn-neutral" : ""}`}
          onClick={() => {
            change([...at, ...of.at.split(".")], of.toDocument(v));
            shut();
          }}
        >
          {name}
        </button>
      ))}
    </fieldset>
  );
}
