import { t } from "../../ui/words";
import type { Schemas } from "../../api/client";
import { shortDate } from "../../ui/format";
import { day, type ChartRoom } from "./chartRoom";

/** The width of a letter in these small names, about. */
const LETTER = 6.5;

/** Half the width of a test's words, about. */
const HALF_A_DAY = 32;

/** Where a phase begins, with its name. */
export function Phases({
  phases,
  x,
  room,
}: {
  phases: Schemas["PhaseSpan"][];
  x: (on: Date) => number;
  room: ChartRoom;
}) {
  let free = 0;
  return phases
    .map((phase) => ({ ...phase, at: Math.max(x(day(phase.first)), room.left) }))
    .filter((phase) => phase.at < room.width - room.right && x(day(phase.last)) > room.left)
    .map((phase) => {
      // A name that would lie on the one before it is left to the line and its title.
      const named = phase.at >= free;
      if (named) free = phase.at + 12 + phase.name.length * LETTER;
      return { ...phase, named };
    })
    .map((phase) => (
      <g key={`${phase.first} ${phase.name}`}>
        <title>{phase.name}</title>
        <line
          x1={phase.at}
          x2={phase.at}
          y1={room.top - 6}
          y2={room.height - room.bottom}
          stroke="var(--color-line-strong)"
        />
        {phase.named && (
          <text x={phase.at + 6} y={room.top + 13} className="fill-soft text-[12px]">
            {phase.name}
          </text>
        )}
      </g>
    ));
}

/** What was decided after a session: a mark at the foot of the chart that says it. */
export function Decision({
  decision,
  at,
  foot,
}: {
  decision: Schemas["DecisionMark"];
  at: number;
  foot: number;
}) {
  const declined = decision.verdict === "declined";
  return (
    <path
      d={`M${at - 5} ${foot + 1} l5 -9 l5 9 z`}
      fill={declined ? "none" : "var(--color-ember)"}
      stroke="var(--color-ember)"
    >
      <title>
        {decision.verdict}: {decision.taken} {decision.rule}
      </title>
    </path>
  );
}

/** A test with a load: its estimated maximum as a diamond. */
export function Test({
  test,
  unit,
  at: [x, y],
  from,
}: {
  test: Schemas["TestMark"];
  unit: Schemas["Unit"];
  at: [number, number];
  /** Where the figures of the axis end: its words begin behind them. */
  from: number;
}) {
  return (
    <g>
      <rect
        x={x - 5}
        y={y - 5}
        width={10}
        height={10}
        transform={`rotate(45 ${x} ${y})`}
        fill="var(--color-ground)"
        stroke="var(--color-ink)"
        strokeWidth={2}
      />
      <text
        x={Math.max(x, from + HALF_A_DAY)}
        y={y + 22}
        textAnchor="middle"
        className="fill-soft text-[12px]"
      >
        {t("test {{on}}", { on: shortDate(test.on) })}
      </text>
      <title>{`${test.words}: ${test.value} ${unit}`}</title>
    </g>
  );
}
