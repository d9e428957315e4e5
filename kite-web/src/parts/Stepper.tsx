import { useEffect, useRef, useState } from "react";
import { worded } from "../words/worded";

type Props = {
  label: string;
  value: number;
  /** By how much the buttons step; by where the number stands, for a scale that is finer where it is short. */
  step: number | ((value: number) => number);
  min: number;
  max: number;
  /** As far down as the buttons go; what is less than this is typed. */
  least?: number | undefined;
  unit: string;
  large?: boolean;
  onChange: (v: number) => void;
};

/** Beside a step's end, so that going down from it the step below counts. */
const HAIR = 1e-9;
const DIGITS = 4;

/** A number as it is typed: a comma is a comma. */
const read = (raw: string) => (raw.trim() === "" ? Number.NaN : Number(raw.replace(",", ".")));

/**
 * A number that is touched where it stands: less, type, more. What is typed counts at Enter, or when the field is left or
 * shut; Escape takes it back. Out of range is said beside it and not taken.
 */
export function Stepper({ label, value, step, min, max, least = min, unit, large, onChange }: Props) {
  const [text, setText] = useState(String(value));
  const [problem, setProblem] = useState("");
  const typed = useRef<string | null>(null);
  useEffect(() => {
    setText(String(value));
    setProblem("");
    typed.current = null;
  }, [value]);
  const take = () => {
    const raw = typed.current;
    if (raw === null) return;
    typed.current = null;
    const v = read(raw);
    if (!(v >= min && v <= max)) {
      setProblem(
        worded("stepper.not-allowed", {
          typed: raw.trim() || worded("stepper.nothing"),
          min,
          max,
          unit,
        }),
      );
      return;
    }
    setProblem("");
    setText(String(v));
    if (v !== value) onChange(v);
  };
  const last = useRef(take);
  last.current = take;
  useEffect(() => {
    const leave = () => last.current();
    // Before what saves the document as the page is left.
    window.addEventListener("pagehide", leave, true);
    return () => {
      window.removeEventListener("pagehide", leave, true);
      leave();
    };
  }, []);
  const by = (way: 1 | -1) => {
    const size = typeof step === "number" ? step : step(value + way * HAIR);
    const to = Math.round((value + way * size) / size) * size;
    const low = value <= least ? Math.min(value, least) : least;
    typed.current = null;
    setProblem("");
    onChange(Number(Math.min(max, Math.max(way < 0 ? low : min, to)).toFixed(DIGITS)));
  };
  return (
    <div className="grid gap-0.5">
      <span className="text-sm">{label}</span>
      <span className="flex items-center">
        <button
          type="button"
          className="btn touch px-0 text-xl"
          onClick={() => by(-1)}
          aria-label={worded("stepper.less", { label })}
        >
          −
        </button>
        <input
          className={`min-w-0 border-base-300 border-b-2 bg-transparent text-center font-bold ${large ? "w-24 text-4xl" : "w-11 text-xl"}`}
          inputMode="decimal"
          aria-label={worded("stepper.in", { label, unit })}
          aria-invalid={problem ? true : undefined}
          value={text}
          onChange={(e) => {
            typed.current = e.target.value;
            setText(e.target.value);
          }}
          onBlur={take}
          onKeyDown={(e) => {
            if (e.key === "Enter") take();
            if (e.key === "Escape" && typed.current !== null) {
              e.stopPropagation();
              typed.current = null;
              setProblem("");
              setText(String(value));
            }
          }}
        />
        <span className={large ? "w-8 pl-1" : "w-7"}>{unit}</span>
        <button
          type="button"
          className="btn touch px-0 text-xl"
          onClick={() => by(1)}
          aria-label={worded("stepper.more", { label })}
        >
          +
        </button>
      </span>
      {problem && (
        <span role="alert" className="text-error text-sm">
          {problem}
        </span>
      )}
    </div>
  );
}
