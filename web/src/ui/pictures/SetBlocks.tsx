import type { Schemas } from "../../api/client";

export type Bar = Schemas["Bar"];
export interface DrawnBlock {
  planned: Bar | null;
  done: Bar | null;
  waiting?: boolean;
  current?: boolean;
}

/** Pixels for one repetition, and for a whole maximum, in each use of the drawing. */
const scales = {
  tiny: { rep: 1.5, max: 16, gap: 1.5, frame: 1 },
  small: { rep: 2.5, max: 26, gap: 2.5, frame: 1.25 },
  medium: { rep: 3.5, max: 64, gap: 3, frame: 1.5 },
  large: { rep: 11, max: 132, gap: 10, frame: 2.5 },
};

/**
 * Every set as a block: width = repetitions, height = share of the client's estimated maximum.
 * Planned is an outline, done is filled, changed keeps the outline behind the fill. The dotted line is the maximum.
 */
export function SetBlocks({
  blocks,
  size = "small",
  label,
  scale = scales[size],
}: {
  blocks: DrawnBlock[];
  size?: keyof typeof scales;
  label: string;
  /** Pixels of the floor's own: as large as the room allows. */
  scale?: { rep: number; max: number; gap: number; frame: number };
}) {
  const { rep, max, gap, frame } = scale;
  // Hundreds of these stand on a board: their two lines are of the style sheet.
  const ruled = size === "tiny";
  const rooms = blocks.map((block) => Math.max(block.planned?.width ?? 0, block.done?.width ?? 0, 2) * rep);
  const starts = rooms.map((_, n) => rooms.slice(0, n).reduce((x, room) => x + room + gap, frame));
  const placed = blocks.map((block, n) => ({ block, at: starts[n] ?? 0, width: rooms[n] ?? 0 }));
  const width = Math.max((starts.at(-1) ?? 0) + (rooms.at(-1) ?? 0) + frame, 1);
  const height = max + frame * 2;
  /** Standing on the ground line. */
  const box = (at: number, { width: reps, height: share }: Bar) =>
    `M${at} ${height - frame}v${-share * max}h${reps * rep}v${share * max}z`;
  const drawn = (of: (block: DrawnBlock) => Bar | null | false | undefined) =>
    placed
      .map(({ block, at }) => {
        const bar = of(block);
        return bar ? box(at, bar) : "";
      })
      .join("");
  const done = drawn((block) => !block.waiting && block.done);
  const waiting = drawn((block) => block.waiting && block.done);
  const planned = drawn((block) => !block.current && block.planned);
  const current = drawn((block) => block.current && block.planned);
  return (
    <svg
      role="img"
      aria-label={label}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="xMinYMax meet"
      className={`block max-w-full overflow-visible ${ruled ? "ruled" : ""}`}
    >
      {!ruled && (
        <line
          x1={0}
          x2={width}
          y1={frame}
          y2={frame}
          stroke="var(--color-line-strong)"
          strokeWidth={frame * 0.5}
          strokeDasharray="1 3"
        />
      )}
      {placed.map(
        ({ block, at, width: room }, index) =>
          block.current && (
            <rect
              key={index}
              x={at - gap / 2}
              y={0}
              width={room + gap}
              height={height}
              fill="var(--color-ember-wash)"
            />
          ),
      )}
      {done && <path d={done} fill="var(--color-done)" />}
      {waiting && (
        <>
          <defs>
            <pattern
              id="waiting"
              width="6"
              height="6"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <rect width="6" height="6" fill="var(--color-done-wash)" />
              <rect width="3" height="6" fill="var(--color-done)" />
            </pattern>
          </defs>
          <path d={waiting} fill="url(#waiting)" />
        </>
      )}
      {planned && <path d={planned} fill="none" stroke="var(--color-outline)" strokeWidth={frame} />}
      {current && <path d={current} fill="none" stroke="var(--color-ember)" strokeWidth={frame} />}
      {!ruled && (
        <line
          x1={0}
          x2={width}
          y1={height - frame / 2}
          y2={height - frame / 2}
          stroke="var(--color-line-strong)"
          strokeWidth={frame}
        />
      )}
    </svg>
  );
}

/** The same outline for each planned set (or each its own, where sets differ), with what was done laid over it. */
export function blocksOf(
  sets: number,
  planned: Bar | null | undefined,
  done: Bar[],
  each: Bar[] = [],
): DrawnBlock[] {
  const count = Math.max(planned ? sets : 0, done.length);
  return Array.from({ length: count }, (_, n) => ({
    planned: planned && n < sets ? (each[n] ?? planned) : null,
    done: done[n] ?? null,
  }));
}
