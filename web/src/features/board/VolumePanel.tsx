import { useState } from "react";
import type { Schemas } from "../../api/client";

type Week = Schemas["WeekVolume"];

const tones = {
  below: "text-soft",
  within: "text-ink",
  above: "text-caution",
};
const words = { below: "below the band", within: "within the band", above: "above the band" };

/** Hard sets of a week by muscle: planned as an outline, done as a fill, the client's band shaded behind. */
export function VolumePanel({ phase }: { phase: Schemas["PhaseView"] }) {
  const now = phase.weeks.findIndex((week) => week.is_now);
  const [chosen, setChosen] = useState<number | null>(null);
  const at = chosen ?? Math.max(now, 0);
  const week = phase.volume[at];
  if (!week) return null;
  const most = Math.max(
    week.band.high * 1.2,
    ...week.muscles.map((m) => Math.max(Number(m.planned), Number(m.done))),
  );
  const half = Math.ceil(week.muscles.length / 2);
  return (
    <section aria-labelledby="volume" className="mt-6">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h2 id="volume" className="font-semibold">
          Hard sets by muscle
        </h2>
        <label className="flex items-center gap-2 text-sm">
          in week
          <select
            value={at}
            onChange={(event) => setChosen(Number(event.target.value))}
            className="min-h-8 rounded-md border border-line-strong/60 bg-raised px-2"
          >
            {phase.weeks.map((entry, index) => (
              <option key={entry.id} value={index}>
                {entry.number}
                {entry.is_now ? ", now" : ""}
              </option>
            ))}
          </select>
        </label>
        <p className="ml-auto text-sm text-soft">
          Band {week.band.low} to {week.band.high} sets a week, shaded. Push {week.push}, pull {week.pull}{" "}
          sets.
        </p>
      </div>
      {week.muscles.length === 0 ? (
        <p className="mt-2 text-soft">Nothing that counts as a hard set is planned in this week yet.</p>
      ) : (
        <div className="mt-2 grid gap-x-10 lg:grid-cols-2">
          {[week.muscles.slice(0, half), week.muscles.slice(half)].map((muscles, index) => (
            <Table key={index} muscles={muscles} week={week} most={most} part={index + 1} />
          ))}
        </div>
      )}
      <details className="mt-2 max-w-3xl text-sm text-soft">
        <summary className="cursor-pointer">How it is counted, and what gets nothing</summary>
        <p className="mt-1">
          A hard set has at most 4 reps left (or nobody said) and 4 to 35 reps or 15 s and more. It counts 1
          for a muscle that moves the load, 0.5 for one that helps. {week.band.source}. Nothing planned for:{" "}
          {week.without.join(", ") || "no muscle"}.
        </p>
      </details>
    </section>
  );
}

function Table({
  muscles,
  week,
  most,
  part,
}: {
  muscles: Schemas["MuscleWeek"][];
  week: Week;
  most: number;
  part: number;
}) {
  if (muscles.length === 0) return null;
  return (
    <table className="w-full table-fixed border-collapse self-start">
      <caption className="sr-only">Hard sets by muscle, part {part}</caption>
      <thead className="sr-only">
        <tr>
          <th scope="col">Muscle</th>
          <th scope="col">Picture</th>
          <th scope="col">Planned and done</th>
        </tr>
      </thead>
      <tbody>
        {muscles.map((entry) => (
          <tr key={entry.muscle} className="border-b border-line">
            <th scope="row" className="w-36 py-1 text-left font-medium">
              {entry.muscle}
            </th>
            <td className="py-1">
              <Bar entry={entry} band={week.band} most={most} />
            </td>
            <td className={`w-44 py-1 pl-3 text-right text-sm ${tones[entry.standing]}`}>
              <details>
                <summary className="cursor-pointer">
                  {Number(entry.planned)} sets
                  {Number(entry.done) > 0 && `, ${Number(entry.done)} done`}
                  <span className="sr-only">, {words[entry.standing]}</span>
                  {entry.standing === "above" && <span aria-hidden> ▲</span>}
                  {entry.standing === "below" && <span aria-hidden> ▽</span>}
                </summary>
                <ul className="text-left">
                  {entry.lines.map((line) => (
                    <li key={line}>{line}</li>
                  ))}
                </ul>
              </details>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Bar({ entry, band, most }: { entry: Schemas["MuscleWeek"]; band: Week["band"]; most: number }) {
  const x = (sets: number | string) => `${(Number(sets) / most) * 100}%`;
  return (
    <svg
      width="100%"
      height="18"
      role="img"
      aria-label={`${Number(entry.planned)} sets planned, ${Number(entry.done)} done, band ${band.low} to ${band.high}`}
    >
      <rect x={x(band.low)} width={x(band.high - band.low)} y="0" height="18" fill="var(--color-line)" />
      <rect x="0" width={x(entry.done)} y="4" height="10" fill="var(--color-done)" />
      <rect
        x="0.75"
        width={x(entry.planned)}
        y="4"
        height="10"
        fill="none"
        stroke={entry.standing === "above" ? "var(--color-caution)" : "var(--color-outline)"}
        strokeWidth="1.5"
      />
    </svg>
  );
}
