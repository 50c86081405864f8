import { t } from "../../../ui/words";
import type { LineId, WeekId } from "../../../api/ids";
import { memo, useEffect, useRef } from "react";
import type { Schemas } from "../../../api/client";
import type { Density } from "../../../app/density";
import { AddDay } from "../sheets/AddDay";
import type { Command } from "../keeping/runCommand";
import { gridStops } from "./gridStops";
import { NearWeeksContext, useNearWeeks } from "./near";
import { DayRows } from "./DayRows";
import type { Opened } from "../keeping/opened";
import type { AddTemplateDay, Save } from "../keeping/useBoard";
import { WeekHeads } from "./WeekHeads";

/** One phase: weeks across, days and exercises down. */
export const PhaseTable = memo(function PhaseTable({
  view,
  phase,
  row,
  density,
  long,
  carry,
  chosen,
  firstWritten,
  choose,
  open,
  command,
  save,
  addTemplateDay,
}: {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  /** The grid row at which the phase begins. */
  row: number;
  density: Density;
  /** Whether only rows and weeks in view exist. */
  long: boolean;
  carry: boolean;
  chosen: ReadonlySet<string>;
  firstWritten: ReadonlyMap<string, string> | null;
  choose: (line: LineId) => void;
  open: (what: Opened) => void;
  command: (what: Command, line: LineId, week: WeekId) => void;
  save: Save;
  addTemplateDay: AddTemplateDay;
}) {
  const grid = useRef<HTMLTableElement>(null);
  useEffect(() => (grid.current ? gridStops(grid.current) : undefined), []);
  const near = useNearWeeks(grid, phase.weeks.length, long);
  const compact = density === "compact";
  const days = (
    <AddDay view={view} phase={phase} compact={compact} save={save} addTemplateDay={addTemplateDay} />
  );
  return (
    <>
      {(phase.purpose || phase.method) && !compact && (
        <p className="mt-2 text-soft">{[phase.purpose, phase.method].filter(Boolean).join(" · ")}</p>
      )}
      <div className={compact ? "max-lg:overflow-x-auto" : "mt-3 pb-44 max-lg:overflow-x-auto lg:pb-2"}>
        <table
          ref={grid}
          className="w-full table-fixed border-collapse"
          style={{ minWidth: `${compact ? 16 + phase.weeks.length * 10 : 14 + phase.weeks.length * 11}rem` }}
        >
          <caption className="sr-only">
            {t("{{name}}: exercises down, weeks across. Arrow keys move, typing replaces a cell.", {
              name: phase.name,
            })}
          </caption>
          <WeekHeads
            phase={phase}
            places={view.places}
            compact={compact}
            corner={compact && days}
            open={open}
            save={save}
          />
          <NearWeeksContext value={near}>
            {phase.days.map((day, index) => (
              <DayRows
                key={day.id}
                programId={view.program_id}
                client={view.client_id}
                minutes={view.minutes}
                weeks={phase.weeks}
                day={day}
                first={row + linesBefore(phase, index)}
                density={density}
                long={long}
                carry={carry}
                chosen={chosen}
                firstWritten={firstWritten}
                choose={choose}
                open={open}
                command={command}
                save={save}
              />
            ))}
          </NearWeeksContext>
        </table>
        {!compact && days}
      </div>
    </>
  );
});

const linesOf = (day: Schemas["DayView"]) => day.groups.reduce((sum, group) => sum + group.lines.length, 0);

/** How many lines a phase has before a day; all of them without one. */
export const linesBefore = (phase: Schemas["PhaseView"], day = phase.days.length) =>
  phase.days.slice(0, day).reduce((rows, before) => rows + linesOf(before), 0);
