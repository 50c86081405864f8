import { t } from "../../../ui/words";
import type { ClientId, LineId, ProgramId, WeekId } from "../../../api/ids";
import { Fragment, memo, useCallback, useContext, useState } from "react";
import type { Schemas } from "../../../api/client";
import type { Density } from "../../../app/density";
import { AddExercise } from "../sheets/AddExercise";
import type { Command } from "../keeping/runCommand";
import { DayName, DayTime } from "./DayHead";
import { GroupHead, SectionSelect } from "./GroupHead";
import type { Opened } from "../keeping/opened";
import { LineRow, type Drop } from "./LineRow";
import { NearWeeksContext } from "./near";
import type { Save } from "../keeping/useBoard";

interface Props {
  programId: ProgramId;
  client: ClientId;
  /** The client's minutes. */
  minutes: number;
  weeks: Schemas["WeekView"][];
  day: Schemas["DayView"];
  first: number;
  density: Density;
  long: boolean;
  carry: boolean;
  chosen: ReadonlySet<string>;
  firstWritten: ReadonlyMap<string, string> | null;
  choose: (line: LineId) => void;
  open: (what: Opened) => void;
  command: (what: Command, line: LineId, week: WeekId) => void;
  save: Save;
}

/** The minutes of a day in each week that is near. */
function DayTimes({ programId, weeks, day, minutes, density, open }: Props) {
  const [from, to] = useContext(NearWeeksContext);
  const compact = density === "compact";
  return weeks.map((week, index) => (
    <td key={week.id} className={`text-sm ${compact ? "relative px-1 py-0 pl-2" : "px-2 py-1.5"}`}>
      {index >= from && index < to && (
        <DayTime
          of={t("{{name}}, week {{number}}", { name: day.name, number: week.number })}
          seconds={day.seconds[index] ?? 0}
          limit={day.minutes ?? minutes}
          floor={`/floor/${programId}/${week.id}/${day.id}`}
          session={day.sessions[index] ?? null}
          moved={day.moved[index] ?? null}
          compact={compact}
          now={week.is_now}
          fit={() => open({ fit: { week: week.id, day: day.id } })}
        />
      )}
    </td>
  ));
}

/** A day: its time in each week against the client's minutes, then its sections, groups and exercises. Drawn anew
 * only when the day itself changes. */
export const DayRows = memo(function DayRows(props: Props) {
  const { programId, client, weeks, day, first, density, long, carry, chosen, firstWritten, open, save } =
    props;
  const [over, setOver] = useState<number | null>(null);
  const compact = density === "compact";
  const starts = day.groups.map((_, n) =>
    day.groups.slice(0, n).reduce((rows, group) => rows + group.lines.length, first),
  );
  const { id, name } = day;
  const drop = useCallback(
    (position: number): Drop => ({
      onDragOver: (event) => {
        if (!event.dataTransfer.types.includes("text/x-line")) return;
        event.preventDefault();
        setOver(position);
      },
      onDragLeave: () => setOver(null),
      onDrop: (event) => {
        setOver(null);
        const line = event.dataTransfer.getData("text/x-line") as LineId;
        if (!line) return;
        event.preventDefault();
        save([{ op: "move_line", line, day: id, position }], t("A line moved to {{name}}", { name }));
      },
    }),
    [id, name, save],
  );
  const pad = compact ? "px-1 py-0" : "px-2 py-1.5";
  return (
    <tbody>
      <tr
        className={`group/day border-b border-line bg-sunk ${over === 0 && day.groups.length === 0 ? "outline-2 outline-ember" : ""}`}
        {...drop(0)}
      >
        <th scope="rowgroup" className={`bg-sunk text-left lg:sticky lg:left-0 lg:z-[5] ${pad}`}>
          <DayName day={day} open={open} save={save} />
        </th>
        <DayTimes {...props} />
      </tr>
      {day.groups.map((group, at) => {
        const opens = at === 0 || day.groups[at - 1]?.section !== group.section;
        return (
          <Fragment key={group.id}>
            {opens && !compact && (
              <tr className={over === at ? "border-t-2 border-ember" : ""} {...drop(at)}>
                <th
                  scope="rowgroup"
                  colSpan={weeks.length + 1}
                  className="px-2 text-left leading-none font-normal"
                >
                  <SectionSelect group={group} save={save} />
                </th>
              </tr>
            )}
            {group.lines.length > 1 && !compact && (
              <tr className="border-l-4 border-ink bg-sunk/60" {...drop(at)}>
                <th scope="rowgroup" colSpan={weeks.length + 1} className="px-2 py-1 text-left">
                  <GroupHead group={group} save={save} />
                </th>
              </tr>
            )}
            {group.lines.map((line, index) => (
              <LineRow
                key={line.id}
                programId={programId}
                client={client}
                weeks={weeks}
                day={day}
                group={group}
                line={line}
                at={at}
                index={index}
                row={(starts[at] ?? first) + index}
                opens={opens && index === 0}
                density={density}
                long={long}
                carry={carry}
                chosen={chosen.has(line.id)}
                firstWritten={firstWritten}
                choose={props.choose}
                open={open}
                command={props.command}
                save={save}
                dropped={over === at}
                drop={drop}
              />
            ))}
          </Fragment>
        );
      })}
      <tr
        data-add-row
        {...drop(day.groups.length)}
        className={over === day.groups.length ? "border-t-2 border-ember" : ""}
      >
        <td colSpan={weeks.length + 1} className={compact ? "pb-1" : "pt-1 pb-4"}>
          <AddExercise client={client} day={day} compact={compact} save={save} />
        </td>
      </tr>
    </tbody>
  );
});
