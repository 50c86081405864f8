import { Picker } from "../../ui/Select";
import { Picture } from "../../ui/Picture";
import type { ClientId, LineId, ProgramId, WeekId } from "../../api/ids";
import { SlidersHorizontal, Trash2 } from "lucide-react";
import { Fragment, memo, useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { minutes, shortDate, weekdays } from "../../ui/format";
import { AddExercise } from "./AddExercise";
import { CellBox } from "./CellBox";
import type { Command } from "./runCommand";
import { GroupHead, SectionSelect } from "./GroupHead";
import { Of } from "../../ui/Of";
import type { Opened } from "./opened";
import { KeptInput } from "./KeptInput";
import { LineHead } from "./LineHead";
import type { Save } from "./useBoard";

interface Props {
  programId: ProgramId;
  client: ClientId;
  /** The client's minutes. */
  minutes: number;
  weeks: Schemas["WeekView"][];
  day: Schemas["DayView"];
  first: number;
  carry: boolean;
  chosen: ReadonlySet<string>;
  firstWritten: ReadonlyMap<string, string> | null;
  choose: (line: LineId) => void;
  open: (what: Opened) => void;
  command: (what: Command, line: LineId, week: WeekId) => void;
  save: Save;
}

/** A day: its time in each week against the client's minutes, then its sections, groups and exercises. Drawn anew
 * only when the day itself changes. */
export const DayRows = memo(function DayRows(props: Props) {
  const { programId, client, weeks, day, first, carry, chosen, firstWritten, choose, open, command, save } =
    props;
  const [over, setOver] = useState<number | null>(null);
  const starts = day.groups.map((_, n) =>
    day.groups.slice(0, n).reduce((rows, group) => rows + group.lines.length, first),
  );
  const drop = (position: number) => ({
    onDragOver: (event: React.DragEvent) => {
      if (!event.dataTransfer.types.includes("text/x-line")) return;
      event.preventDefault();
      setOver(position);
    },
    onDragLeave: () => setOver(null),
    onDrop: (event: React.DragEvent) => {
      setOver(null);
      const line = event.dataTransfer.getData("text/x-line") as LineId;
      if (!line) return;
      event.preventDefault();
      save([{ op: "move_line", line, day: day.id, position }], `A line moved to ${day.name}`);
    },
  });
  return (
    <tbody>
      <tr
        className={`border-b border-line bg-sunk ${over === 0 && day.groups.length === 0 ? "outline-2 outline-ember" : ""}`}
        {...drop(0)}
      >
        <th scope="rowgroup" className="px-2 py-1.5 text-left">
          <DayName day={day} open={open} save={save} />
          {day.top_up && <span className="block text-sm font-normal text-soft">optional</span>}
        </th>
        {weeks.map((week, index) => (
          <td key={week.id} className="px-2 py-1.5 text-sm">
            <DayTime
              of={`${day.name}, week ${week.number}`}
              seconds={day.seconds[index] ?? 0}
              limit={day.minutes ?? props.minutes}
              floor={`/floor/${programId}/${week.id}/${day.id}`}
              session={day.sessions[index] ?? null}
              moved={day.moved[index] ?? null}
              fit={() => open({ fit: { week: week.id, day: day.id } })}
            />
          </td>
        ))}
      </tr>
      {day.groups.map((group, at) => (
        <Fragment key={group.id}>
          {(at === 0 || day.groups[at - 1]?.section !== group.section) && (
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
          {group.lines.length > 1 && (
            <tr className="border-l-4 border-ink bg-sunk/60" {...drop(at)}>
              <th scope="rowgroup" colSpan={weeks.length + 1} className="px-2 py-1 text-left">
                <GroupHead group={group} save={save} />
              </th>
            </tr>
          )}
          {group.lines.map((line, index) => (
            <tr
              key={line.id}
              className={`group border-b border-line ${group.lines.length > 1 ? "border-l-4 border-l-ink" : ""} ${
                chosen.has(line.id) ? "bg-focus/10" : ""
              } ${over === at && index === 0 ? "border-t-2 border-t-ember" : ""}`}
              {...drop(at)}
            >
              <th
                scope="row"
                aria-label={line.exercise}
                className="px-2 py-1 text-left align-top font-medium"
              >
                <LineHead
                  client={client}
                  day={day}
                  group={group}
                  line={line}
                  index={at}
                  last={at === day.groups.length - 1}
                  chosen={chosen.has(line.id)}
                  choose={choose}
                  open={(id) => open({ line: id })}
                  save={save}
                />
              </th>
              {weeks.map((week, column) => {
                const cell = line.cells[column];
                const was = firstWritten?.get(`${line.id} ${week.id}`);
                const exercise =
                  week.variant === "B" && line.variant_b
                    ? line.variant_b
                    : { id: line.exercise_id, name: line.exercise };
                return (
                  <td key={week.id} className={`h-px p-0 align-top ${week.is_now ? "bg-ember-wash/45" : ""}`}>
                    <CellBox
                      programId={programId}
                      line={line}
                      exercise={exercise}
                      week={week}
                      cell={cell}
                      before={line.cells[column - 1]?.plan.manner ?? ""}
                      first={firstWritten && (was ?? "") !== (cell?.plan.text ?? "") ? (was ?? "") : null}
                      row={(starts[at] ?? first) + index}
                      column={column}
                      late={column > 0 && column >= weeks.length - 2}
                      carry={carry}
                      save={save}
                      command={command}
                    />
                  </td>
                );
              })}
            </tr>
          ))}
        </Fragment>
      ))}
      <tr
        data-add-row
        {...drop(day.groups.length)}
        className={over === day.groups.length ? "border-t-2 border-ember" : ""}
      >
        <td colSpan={weeks.length + 1} className="pt-1 pb-4">
          <AddExercise client={client} day={day} save={save} />
        </td>
      </tr>
    </tbody>
  );
});

function DayName({ day, open, save }: { day: Schemas["DayView"]; open: (what: Opened) => void; save: Save }) {
  const change = (name: string, weekday: number, refused?: () => void) => {
    if (name && (name !== day.name || weekday !== day.weekday))
      save([{ op: "change_day", day: day.id, name, weekday }], `${name}, ${weekdays[weekday]}`, refused);
    else refused?.();
  };
  return (
    <span className="flex items-center gap-1">
      <KeptInput
        aria-label={`Name of the day, ${weekdays[day.weekday]}`}
        value={day.name}
        place={`name ${day.id}`}
        maxLength={80}
        className="min-h-6 w-full min-w-0 bg-transparent font-semibold"
        keep={(name, refused) => change(name, day.weekday, refused)}
      />
      <Picker
        quiet
        aria-label={`Weekday of ${day.name}`}
        value={String(day.weekday)}
        className="font-normal text-soft"
        options={weekdays.map((name, index) => [String(index), name] as const)}
        choose={(weekday) => change(day.name, Number(weekday))}
      />
      <button
        type="button"
        aria-label={`Place, minutes and more of ${day.name}`}
        className="rounded p-1.5 text-soft hover:text-ink"
        onClick={() => open({ day: day.id })}
      >
        <SlidersHorizontal size={15} aria-hidden />
      </button>
      {day.groups.length === 0 && (
        <button
          type="button"
          aria-label={`Take out ${day.name}`}
          className="rounded p-1.5 text-soft hover:text-stop"
          onClick={() => save([{ op: "remove_day", day: day.id }], `${day.name} taken out`)}
        >
          <Trash2 size={15} aria-hidden />
        </button>
      )}
    </span>
  );
}

function DayTime({
  of,
  seconds,
  limit,
  floor,
  session,
  moved,
  fit,
}: {
  /** Which day of which week. */
  of: string;
  seconds: number;
  limit: number;
  floor: string;
  session: Schemas["StartedSession"] | null;
  moved: Schemas["MovedView"] | null;
  fit: () => void;
}) {
  const needs = minutes(seconds);
  const over = needs > limit;
  return (
    <span className="flex flex-wrap items-center gap-x-2">
      <Picture says={null} width={40} height={8}>
        <rect width="40" height="8" fill="var(--color-line)" />
        <rect
          width={Math.min(40, (needs / limit) * 40)}
          height="8"
          fill={over ? "var(--color-caution)" : "var(--color-outline)"}
        />
      </Picture>
      <span className={over ? "font-medium text-caution" : "text-soft"}>
        {needs} of {limit} min{over && ", too long"}
      </span>
      {seconds > 0 && !(moved && !moved.to) && (
        <span className="ml-auto flex gap-2">
          <button type="button" className="min-h-6 min-w-6 text-soft underline hover:text-ink" onClick={fit}>
            fit
            <Of what={of} />
          </button>
          <Link
            to={session?.finished ? `/sessions/${session.id}` : floor}
            className="inline-flex min-h-6 items-center text-soft underline hover:text-ink"
          >
            {session?.finished ? "look back" : session ? "carry on" : "floor"}
            <Of what={of} />
          </Link>
        </span>
      )}
      {moved && (
        <span className="w-full text-caution">
          {moved.to
            ? `moved to ${shortDate(moved.to)}`
            : moved.into
              ? `merged into ${moved.into}`
              : "dropped"}
        </span>
      )}
    </span>
  );
}
