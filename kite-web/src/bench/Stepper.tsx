import { useEffect, useState } from "react";

type Props = {
  label: string;
  value: number;
  step: number;
  min: number;
  max: number;
  unit: string;
  large?: boolean;
  onChange: (v: number) => void;
};

/** A number that is touched where it stands: less, type, more. Out of range is said beside it and not taken. */
export function Stepper({ label, value, step, min, max, unit, large, onChange }: Props) {
  const [text, setText] = useState(String(value));
  const [problem, setProblem] = useState("");
  useEffect(() => {
    setText(String(value));
    setProblem("");
  }, [value]);
  const take = (raw: string) => {
    setText(raw);
    const v = Number(raw);
    if (raw.trim() === "" || Number.isNaN(v) || v < min || v > max) {
      setProblem(`${raw.trim() || "Nothing"} is not allowed; ${min} to ${max} ${unit}`);
      return;
    }
    setProblem("");
    onChange(v);
  };
  const by = (d: number) => take(String(Math.min(max, Math.max(min, Math.round((value + d) / step) * step))));
  return (
    <div className="grid gap-0.5">
      <span className="text-sm">{label}</span>
      <span className="flex items-center">
        <button
          type="button"
          className="btn touch px-0 text-xl"
          onClick={() => by(-step)}
          aria-label={`${label}, less`}
        >
          −
        </button>
        <input
          className={`min-w-0 border-base-300 border-b-2 bg-transparent text-center font-bold ${large ? "w-24 text-4xl" : "w-11 text-xl"}`}
          inputMode="decimal"
          aria-label={`${label} in ${unit}`}
          aria-invalid={problem ? true : undefined}
          value={text}
          onChange={(e) => take(e.target.value)}
        />
        <span className={large ? "w-8 pl-1" : "w-7"}>{unit}</span>
        <button
          type="button"
          className="btn touch px-0 text-xl"
          onClick={() => by(step)}
          aria-label={`${label}, more`}
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
