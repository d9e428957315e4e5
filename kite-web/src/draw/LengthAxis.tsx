import { toShown, type Units, unitOf } from "../store/units";

type Props = {
  ticks: number[];
  y: (mm: number) => number;
  from: number;
  to: number;
  units: Units;
};

/** Level lines at round lengths, with their numbers and the unit. */
export function LengthAxis({ ticks, y, from, to, units }: Props) {
  return (
    <g>
      {ticks.map((t) => (
        <g key={t}>
          <line x1={from} x2={to} y1={y(t)} y2={y(t)} className="stroke-base-300" />
          <text x={from - 6} y={y(t) + 4} textAnchor="end" className="fill-base-content text-[12px]">
            {toShown(t, units)}
          </text>
        </g>
      ))}
      <text x={2} y={11} className="fill-base-content text-[12px]">
        {unitOf(units)}
      </text>
    </g>
  );
}
