import { type ReactNode, useId, useRef, useState } from "react";
import type { FieldProblem } from "../api/http";
import { toMm, toShown, type Units, unitOf } from "../store/units";
import { worded } from "../words/worded";

type LengthProps = {
  name: string;
  path: string;
  mm: number | undefined;
  /** What it comes to when it is left empty. */
  usual?: number;
  units: Units;
  set: (mm: number | undefined) => void;
  problems: FieldProblem[];
  hint?: string;
  children?: ReactNode;
};

/** A number half typed is not taken for the whole. */
const TYPING_MS = 200;

const shown = (mm: number, u: Units) => String(u === "inch" ? toShown(mm, u) : Math.round(mm * 10) / 100);

/** A length in the stylist's units; empty when it was not taken. What is wrong with it is said beside it. */
export function LengthField({ name, path, mm, usual, units, set, problems, hint, children }: LengthProps) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const waiting = useRef<{ timer: ReturnType<typeof setTimeout>; run: () => void }>(undefined);
  const problem = problems.find((p) => p.path === path);
  const wrong =
    typed !== undefined && typed.trim() !== "" && !Number.isFinite(Number(typed.replace(",", ".")));
  const flush = () => {
    const w = waiting.current;
    if (!w) return;
    clearTimeout(w.timer);
    waiting.current = undefined;
    w.run();
  };
  const commit = (text: string) => {
    setTyped(text);
    const v = text.trim() === "" ? undefined : Number(text.replace(",", "."));
    if (v !== undefined && !Number.isFinite(v)) return;
    clearTimeout(waiting.current?.timer);
    const run = () => set(v === undefined ? undefined : Math.round(toMm(v, units) * 10) / 10);
    waiting.current = { timer: setTimeout(flush, TYPING_MS), run };
  };
  return (
    <div className="grid content-start gap-0.5">
      <label htmlFor={id} className="font-bold">
        {name}
      </label>
      <span className="flex items-center gap-1.5">
        <input
          id={id}
          type="text"
          inputMode="decimal"
          className={`input touch w-22 text-xl ${problem || wrong ? "input-error" : ""}`}
          value={typed ?? (mm === undefined ? "" : shown(mm, units))}
          placeholder={usual === undefined ? "" : shown(units === "cm" ? Math.round(usual) : usual, units)}
          aria-invalid={problem || wrong ? true : undefined}
          aria-describedby={`${id}-note`}
          onChange={(e) => commit(e.target.value)}
          onBlur={() => {
            flush();
            setTyped(undefined);
          }}
        />
        <span className="soft">{unitOf(units)}</span>
        {children}
      </span>
      <span
        id={`${id}-note`}
        className={`max-w-36 text-sm leading-tight ${problem || wrong ? "text-error" : "soft"}`}
      >
        {wrong ? worded("fields.not-a-number") : problem ? rangeWords(problem, units) : hint}
      </span>
    </div>
  );
}

/** What may stand there, in the stylist's units. */
export function rangeWords(p: FieldProblem, units: Units): string {
  if (p.min === undefined || p.max === undefined || p.unit !== "mm") return p.allowed;
  const given = p.given ? ` ${worded("fields.given", { given: p.given })}` : "";
  return worded("fields.allowed-to", {
    least: shown(p.min, units),
    most: shown(p.max, units),
    unit: unitOf(units),
    given,
  });
}

type ChoiceProps<V extends string> = {
  name: string;
  options: readonly (readonly [id: V, title: string])[];
  value: V | undefined;
  set: (v: V) => void;
};

/** A few words to choose one from. */
export function Choice<V extends string>({ name, options, value, set }: ChoiceProps<V>) {
  return (
    <fieldset>
      <legend className="font-bold">{name}</legend>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {options.map(([id, title]) => (
          <label
            key={id}
            className={`pick touch flex cursor-pointer items-center rounded-field border-2 px-3 ${value === id ? "border-primary bg-primary font-bold text-primary-content" : "border-base-300 bg-base-200"}`}
          >
            <input
              type="radio"
              name={name}
              className="sr-only"
              checked={value === id}
              onChange={() => set(id)}
            />
            {title}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

type SwatchesProps = {
  /** What each is called, from its place, 1 first. */
  name: (n: number) => string;
  count: number;
  colours?: string[];
  at: number;
  set: (n: number) => void;
};

/** A row of colours of which one is meant. */
export function Swatches({ name, count, colours, at, set }: SwatchesProps) {
  return (
    <div className="flex flex-wrap gap-1">
      {Array.from({ length: count }, (_, i) => (
        <button
          key={name(i + 1)}
          type="button"
          title={name(i + 1)}
          aria-label={name(i + 1)}
          aria-pressed={Math.round(at) === i + 1}
          className={`touch w-11 cursor-pointer rounded-field border-4 ${
            Math.round(at) === i + 1 ? "border-primary" : "border-base-300"
          }`}
          style={{ background: colours?.[i] }}
          onClick={() => set(i + 1)}
        />
      ))}
    </div>
  );
}

/** A tick with its words. */
export function Tick({ words, on, set }: { words: string; on: boolean; set: (on: boolean) => void }) {
  return (
    <label className="touch flex cursor-pointer items-center gap-2">
      <input type="checkbox" className="checkbox" checked={on} onChange={(e) => set(e.target.checked)} />
      {words}
    </label>
  );
}

/** A place of the head, chosen by name. */
export function PlaceSelect<P extends string>({
  label,
  value,
  set,
  places,
}: {
  label: string;
  value: P;
  set: (p: P) => void;
  places: readonly (readonly [P, string])[];
}) {
  return (
    <select
      className="select touch w-48"
      aria-label={label}
      value={value}
      onChange={(e) => {
        const picked = places.find(([id]) => id === e.target.value);
        if (picked) set(picked[0]);
      }}
    >
      {places.map(([id, title]) => (
        <option key={id} value={id}>
          {title}
        </option>
      ))}
    </select>
  );
}
