type Props = {
  label: string;
  value: number;
  min: number;
  max: number;
  step: number;
  set: (v: number) => void;
};

/** A number led along a line. */
export function Slider({ label, value, min, max, step, set }: Props) {
  return (
    <label className="grid text-lg">
      {label}
      <input
        type="range"
        className="range my-1.5 w-full"
        min={min}
        max={max}
        step={step}
        value={value}
        onChange={(e) => set(Number(e.target.value))}
      />
    </label>
  );
}
