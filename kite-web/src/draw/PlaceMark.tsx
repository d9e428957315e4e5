type Props = {
  name: string;
  x: number;
  top: number;
  bottom: number;
  textY: number;
  anchor: "start" | "middle" | "end";
};

/** A named place as a dashed line over a drawing's height, its name under it. */
export function PlaceMark({ name, x, top, bottom, textY, anchor }: Props) {
  return (
    <g>
      <line
        x1={x}
        x2={x}
        y1={top}
        y2={bottom}
        className="stroke-base-content"
        opacity={0.35}
        strokeDasharray="2 4"
      />
      <text x={x} y={textY} textAnchor={anchor} className="fill-base-content text-[12px]">
        {name}
      </text>
    </g>
  );
}
