interface Props {
  ticks: number[];
  y: (tick: number) => number;
  left: number;
  right: number;
  write?: (tick: number) => string;
}

/** The figures of an upright axis with a hairline each. */
export function YTicks({ ticks, y, left, right, write = String }: Props) {
  return ticks.map((tick) => (
    <g key={tick}>
      <line x1={left} x2={right} y1={y(tick)} y2={y(tick)} stroke="var(--color-line)" />
      <text x={left - 8} y={y(tick) + 4} textAnchor="end" className="fill-soft text-[13px]">
        {write(tick)}
      </text>
    </g>
  ));
}
