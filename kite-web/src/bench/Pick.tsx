type Props<T extends string> = {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChange: (v: T) => void;
};

/** One of a few, all in sight. */
export function Pick<T extends string>({ label, value, options, onChange }: Props<T>) {
  return (
    <label className="grid gap-0.5 text-sm">
      {label}
      <select
        className="select touch w-full text-base"
        value={value}
        onChange={(e) => onChange(e.target.value as T)}
      >
        {options.map(([v, name]) => (
          <option key={v} value={v}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
