import { t } from "../../../ui/words";
import { memo, useState } from "react";
import { type Schemas } from "../../../api/client";
import { Button } from "../../../ui/Button";
import { Picture } from "../../../ui/pictures/Picture";
import { Roving } from "../../../ui/Roving";
import type { Source } from "../../starting/source";
import { PhaseSheet } from "../sheets/PhaseSheet";

const HEIGHT = 22;
const WEEK = 13;
const MOST_WIDE = 168;

/** Phases side by side, each a small picture of its set blocks; one is unfolded, or all. A phase is added like the last or
 * taken over. */
export function PhaseStrip({
  view,
  chosen,
  choose,
  add,
  addTemplate,
}: {
  view: Schemas["BoardView"];
  /** None where all are unfolded. */
  chosen: string | null;
  choose: (id: string) => void;
  add: () => void;
  addTemplate: (source: Source) => void;
}) {
  const [choosing, setChoosing] = useState(false);
  const look =
    "flex flex-col items-start justify-between border border-r-0 border-line-strong px-2.5 py-1 text-left first:rounded-l-md last:rounded-r-md last:border-r hover:bg-raised aria-pressed:bg-raised aria-pressed:shadow-[inset_0_-3px_0_var(--color-ink)]";
  const several = view.phases.length > 1;
  return (
    <>
      <Roving label={t("Phases")} className="flex min-w-0 items-center gap-2 max-sm:flex-wrap">
        <div className="flex min-w-0 overflow-x-auto">
          {view.phases.map((phase) => (
            <button
              key={phase.id}
              type="button"
              aria-pressed={phase.id === chosen}
              title={[phase.purpose, phase.method].filter(Boolean).join(" · ") || undefined}
              onClick={() => choose(phase.id)}
              className={`shrink-0 ${look}`}
            >
              <span className="max-w-44 truncate leading-tight">
                <span className={phase.id === chosen ? "font-semibold" : ""}>{phase.name}</span>
                <span className="ml-2 text-sm text-soft">
                  {phase.weeks[0]?.number}–{phase.weeks.at(-1)?.number}
                </span>
              </span>
              {several && <PhasePicture phase={phase} />}
            </button>
          ))}
          {several && (
            <button
              type="button"
              aria-pressed={chosen === null}
              onClick={() => choose("all")}
              className={`shrink-0 ${look}`}
            >
              {t("All")}
            </button>
          )}
        </div>
        <Button tone="quiet" className="px-2!" onClick={add}>
          {t("Add a phase")}
        </Button>
        <Button tone="quiet" className="px-2!" onClick={() => setChoosing(true)}>
          {t("Take one over")}
        </Button>
      </Roving>
      {choosing && (
        <PhaseSheet
          view={view}
          take={(source) => {
            setChoosing(false);
            addTemplate(source);
          }}
          onClose={() => setChoosing(false)}
        />
      )}
    </>
  );
}

/** A phase from afar: a column a week, a row a line; as wide as its repetitions, filled where it was done. */
const PhasePicture = memo(function PhasePicture({ phase }: { phase: Schemas["PhaseView"] }) {
  const lines = phase.days.flatMap((day) => day.groups.flatMap((group) => group.lines));
  const wide = Math.min(WEEK, MOST_WIDE / phase.weeks.length);
  const high = Math.min(3, HEIGHT / Math.max(lines.length, 1));
  const most = Math.max(1, ...lines.flatMap((line) => line.cells.map(work)));
  return (
    <Picture says={null} width={phase.weeks.length * wide} height={HEIGHT}>
      {phase.weeks.map((week, at) => (
        <g key={week.id}>
          {week.is_now && (
            <rect x={at * wide} width={wide} height={HEIGHT} fill="var(--color-ember)" opacity={0.3} />
          )}
          {lines.map((line, row) => {
            const cell = line.cells[at];
            const width = cell ? (work(cell) / most) * (wide - 2) : 0;
            return (
              width > 0 && (
                <rect
                  key={line.id}
                  x={at * wide + 1}
                  y={row * high}
                  width={width}
                  height={Math.max(high - 0.6, 0.6)}
                  fill={cell?.done.length ? "var(--color-done)" : "var(--color-outline)"}
                />
              )
            );
          })}
        </g>
      ))}
    </Picture>
  );
});

/** The repetitions of a cell, as wide as its blocks together. */
const work = (cell: Schemas["CellView"]) => (cell.plan.bar?.width ?? 0) * (cell.plan.sets ?? 0);
