import { memo, useContext } from "react";
import type { Schemas } from "../../../api/client";
import type { ClientId, LineId, ProgramId, WeekId } from "../../../api/ids";
import type { Density } from "../../../app/density";
import { CellBox } from "./CellBox";
import { LineHead } from "./LineHead";
import { NearWeeksContext, useNear } from "./near";
import type { Command } from "../keeping/runCommand";
import type { Opened } from "../keeping/opened";
import type { Save } from "../keeping/useBoard";

/** What a line does when something is dragged over it. */
export type Drop = Pick<React.HTMLAttributes<HTMLTableRowElement>, "onDragOver" | "onDragLeave" | "onDrop">;

interface Props {
  programId: ProgramId;
  client: ClientId;
  weeks: Schemas["WeekView"][];
  day: Schemas["DayView"];
  group: Schemas["GroupView"];
  line: Schemas["LineView"];
  /** Where the group stands in the day, where the line stands in the group, and its row of the board. */
  at: number;
  index: number;
  row: number;
  /** Whether the section begins with it. */
  opens: boolean;
  density: Density;
  /** Whether only rows in view exist. */
  long: boolean;
  carry: boolean;
  chosen: boolean;
  firstWritten: ReadonlyMap<string, string> | null;
  choose: (line: LineId) => void;
  open: (what: Opened) => void;
  command: (what: Command, line: LineId, week: WeekId) => void;
  save: Save;
  dropped: boolean;
  drop: (position: number) => Drop;
}

/** One line of the board: its head and a cell a week; far from the view only its place. */
export const LineRow = memo(function LineRow(props: Props) {
  const { weeks, day, group, line, at, index, row, density, long, chosen, firstWritten, open, drop } = props;
  const [ref, near, height] = useNear<HTMLTableRowElement>(row, long);
  const [from, to] = useContext(NearWeeksContext);
  const compact = density === "compact";
  const together = group.lines.length > 1;
  const tint = chosen ? "bg-[color-mix(in_srgb,var(--color-focus)_12%,var(--color-ground))]" : "bg-ground";
  if (!near)
    return (
      <tr ref={ref} data-row={row} data-line={line.id} style={{ height: height ?? (compact ? 25 : 64) }}>
        <td colSpan={weeks.length + 1} />
      </tr>
    );
  return (
    <tr
      ref={ref}
      data-row={row}
      className={`group border-b border-line ${together && !compact ? "border-l-4 border-l-ink" : ""} ${tint} ${
        props.dropped && index === 0 ? "border-t-2 border-t-ember" : ""
      }`}
      {...drop(at)}
    >
      <th
        scope="row"
        aria-label={line.exercise}
        className={`text-left font-medium lg:sticky lg:left-0 lg:z-[5] ${tint} ${compact ? "p-0" : "px-2 py-1 align-top"}`}
      >
        <LineHead
          client={props.client}
          day={day}
          group={group}
          line={line}
          index={at}
          within={index}
          opens={props.opens}
          compact={compact}
          last={at === day.groups.length - 1}
          chosen={chosen}
          choose={props.choose}
          open={open}
          save={props.save}
        />
      </th>
      {weeks.map((week, column) => {
        const place = `p-0 ${compact ? "" : "h-px align-top"} ${week.is_now ? "bg-ember-wash/45" : ""}`;
        if (column < from || column >= to) return <td key={week.id} className={place} />;
        const cell = line.cells[column];
        const was = firstWritten?.get(`${line.id} ${week.id}`);
        const other = week.variant === "B" ? line.variant_b : null;
        return (
          <td key={week.id} className={place}>
            <CellBox
              programId={props.programId}
              line={line}
              exercise={other?.id ?? line.exercise_id}
              name={other?.name ?? line.exercise}
              week={week}
              cell={cell}
              before={line.cells[column - 1]?.plan.manner ?? ""}
              first={firstWritten && (was ?? "") !== (cell?.plan.text ?? "") ? (was ?? "") : null}
              row={row}
              column={column}
              late={column > 0 && column >= weeks.length - 2}
              compact={compact}
              carry={props.carry}
              save={props.save}
              command={props.command}
            />
          </td>
        );
      })}
    </tr>
  );
});
