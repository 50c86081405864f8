import { ArrowDown, ArrowUp, Trash2 } from "lucide-react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { minutes, weekdays } from "../../ui/format";
import { AddExercise } from "./AddExercise";
import { CellBox } from "./CellBox";
import type { Edit } from "./useBoard";

interface Props {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  day: Schemas["DayView"];
  first: number;
  carry: boolean;
  save: (edits: Edit[], reason: string) => void;
}

/** A day: its time in each week against the client's minutes, then its exercises. */
export function DayRows({ view, phase, day, first, carry, save }: Props) {
  return (
    <tbody>
      <tr className="border-b border-line bg-sunk">
        <th scope="rowgroup" className="px-2 py-1.5 text-left">
          <DayName day={day} save={save} />
        </th>
        {phase.weeks.map((week, index) => (
          <td key={week.id} className="px-2 py-1.5 text-sm">
            <DayTime
              seconds={day.seconds[index] ?? 0}
              limit={view.minutes}
              floor={`/floor/${view.program_id}/${week.id}/${day.id}`}
              session={day.sessions[index] ?? null}
            />
          </td>
        ))}
      </tr>
      {day.lines.map((line, index) => (
        <tr key={line.id} className="group border-b border-line">
          <th scope="row" className="px-2 py-1 text-left align-top font-medium">
            <span className="flex items-start gap-1">
              <span className="mr-auto">
                {line.exercise}
                {line.removed && (
                  <span className="block text-sm font-normal text-caution">no longer in the library</span>
                )}
                {line.joints
                  .filter((caution) => caution.grade !== "note")
                  .map((caution) => (
                    <JointNote key={caution.about} caution={caution} line={line} client={view.client_id} />
                  ))}
              </span>
              <LineTools day={day} line={line} index={index} save={save} />
            </span>
          </th>
          {phase.weeks.map((week, column) => (
            <td key={week.id} className={`h-px p-0 align-top ${week.is_now ? "bg-ember-wash/45" : ""}`}>
              <CellBox
                programId={view.program_id}
                line={line}
                week={week}
                cell={line.cells[column]}
                before={line.cells[column - 1]}
                row={first + index}
                column={column}
                carry={carry}
                save={save}
              />
            </td>
          ))}
        </tr>
      ))}
      <tr>
        <td colSpan={phase.weeks.length + 1} className="pt-1 pb-4">
          <AddExercise client={view.client_id} day={day} save={save} />
        </td>
      </tr>
    </tbody>
  );
}

function DayName({ day, save }: { day: Schemas["DayView"]; save: Props["save"] }) {
  const change = (name: string, weekday: number) => {
    if (name && (name !== day.name || weekday !== day.weekday)) {
      save([{ op: "change_day", day: day.id, name, weekday }], `${name}, ${weekdays[weekday]}`);
    }
  };
  return (
    <span className="flex items-center gap-1">
      <input
        aria-label="Name of the day"
        key={day.name}
        defaultValue={day.name}
        className="w-full min-w-0 bg-transparent font-semibold"
        onBlur={(event) => change(event.target.value.trim(), day.weekday)}
        onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
      />
      <select
        aria-label={`Weekday of ${day.name}`}
        value={day.weekday}
        className="bg-transparent text-sm font-normal text-soft"
        onChange={(event) => change(day.name, Number(event.target.value))}
      >
        {weekdays.map((name, index) => (
          <option key={name} value={index}>
            {name}
          </option>
        ))}
      </select>
      {day.lines.length === 0 && (
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
  seconds,
  limit,
  floor,
  session,
}: {
  seconds: number;
  limit: number;
  floor: string;
  session: Schemas["StartedSession"] | null;
}) {
  const needs = minutes(seconds);
  const over = needs > limit;
  return (
    <span className="flex items-center gap-2">
      <svg width="64" height="8" aria-hidden>
        <rect width="64" height="8" fill="var(--color-line)" />
        <rect
          width={Math.min(64, (needs / limit) * 64)}
          height="8"
          fill={over ? "var(--color-caution)" : "var(--color-outline)"}
        />
      </svg>
      <span className={over ? "font-medium text-caution" : "text-soft"}>
        {needs} of {limit} min{over && ", too long"}
      </span>
      {seconds > 0 && (
        <Link
          to={session?.finished ? `/sessions/${session.id}` : floor}
          className="ml-auto text-soft underline hover:text-ink"
        >
          {session?.finished ? "look back" : session ? "carry on" : "floor"}
        </Link>
      )}
    </span>
  );
}

function LineTools({
  day,
  line,
  index,
  save,
}: {
  day: Schemas["DayView"];
  line: Schemas["LineView"];
  index: number;
  save: Props["save"];
}) {
  const move = (to: number) =>
    save(
      [{ op: "move_line", line: line.id, day: day.id, position: to }],
      `${line.exercise} moved in ${day.name}`,
    );
  const look =
    "rounded p-1.5 text-soft opacity-0 group-hover:opacity-100 focus-visible:opacity-100 hover:text-ink";
  return (
    <span className="flex shrink-0">
      {index > 0 && (
        <button
          type="button"
          aria-label={`Move ${line.exercise} up`}
          className={look}
          onClick={() => move(index - 1)}
        >
          <ArrowUp size={15} aria-hidden />
        </button>
      )}
      {index < day.lines.length - 1 && (
        <button
          type="button"
          aria-label={`Move ${line.exercise} down`}
          className={look}
          onClick={() => move(index + 1)}
        >
          <ArrowDown size={15} aria-hidden />
        </button>
      )}
      <button
        type="button"
        aria-label={`Take out ${line.exercise}`}
        className={look}
        onClick={() =>
          save([{ op: "remove_line", line: line.id }], `${line.exercise} taken out of ${day.name}`)
        }
      >
        <Trash2 size={15} aria-hidden />
      </button>
    </span>
  );
}

/** What a joint says of the exercise; the link leads to what to do instead. */
function JointNote({
  caution,
  line,
  client,
}: {
  caution: Schemas["Caution"];
  line: Schemas["LineView"];
  client: string;
}) {
  return (
    <Link
      to={`/library/${line.exercise_id}?client=${client}`}
      title={caution.text}
      className={`block text-sm font-normal underline ${caution.grade === "stop" ? "text-stop" : "text-caution"}`}
    >
      {caution.grade === "stop" ? "not for the" : "mind the"} {caution.about}
    </Link>
  );
}
