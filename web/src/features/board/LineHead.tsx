import type { ClientId, LineId } from "../../api/ids";
import { ArrowDown, ArrowUp, Ellipsis, GripVertical, Trash2 } from "lucide-react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { Of } from "../../ui/Of";
import type { Save } from "./useBoard";

/** The head of a line: its exercise, what speaks against it, and the tools to move, choose and open it. */
export function LineHead({
  client,
  day,
  group,
  line,
  index,
  last,
  chosen,
  choose,
  open,
  save,
}: {
  client: ClientId;
  day: Schemas["DayView"];
  group: Schemas["GroupView"];
  line: Schemas["LineView"];
  index: number;
  last: boolean;
  chosen: boolean;
  choose: (line: LineId) => void;
  open: (line: LineId) => void;
  save: Save;
}) {
  const look =
    "grid size-6 place-items-center rounded text-soft opacity-0 group-hover:opacity-100 focus-visible:opacity-100 hover:text-ink";
  const move = (to: number) =>
    save(
      [
        group.lines.length > 1
          ? { op: "move_group", group: group.id, day: day.id, position: to }
          : { op: "move_line", line: line.id, day: day.id, position: to },
      ],
      `${line.exercise} moved in ${day.name}`,
    );
  return (
    <span className="flex items-start gap-1">
      <span
        draggable
        aria-hidden
        title="Drag to another place or day"
        className="mt-0.5 -ml-1 cursor-grab text-soft opacity-40 group-hover:opacity-100"
        onDragStart={(event) => {
          event.dataTransfer.setData("text/x-line", line.id);
          event.dataTransfer.effectAllowed = "move";
        }}
      >
        <GripVertical size={15} />
      </span>
      <span className="mr-auto min-w-0">
        <button
          type="button"
          aria-pressed={chosen}
          aria-label={`Choose ${line.exercise}`}
          onClick={() => choose(line.id)}
          className="min-h-6 text-left hover:underline aria-pressed:underline aria-pressed:decoration-2"
        >
          {line.exercise}
        </button>
        {line.variant_b && <span className="block text-sm font-normal">B weeks: {line.variant_b.name}</span>}
        {line.removed && (
          <span className="block text-sm font-normal text-caution">no longer in the library</span>
        )}
        {line.joints
          .filter((caution) => caution.grade !== "note")
          .map((caution) => (
            <JointNote key={caution.about} caution={caution} line={line} client={client} />
          ))}
        {line.restricted_words && (
          <span className="block text-sm leading-tight font-normal text-caution">
            {line.restricted_words}
          </span>
        )}
        {line.reason && (
          <span className="block truncate text-sm font-normal text-soft" title={line.reason}>
            {line.reason}
          </span>
        )}
      </span>
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
        {!last && (
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
        <button
          type="button"
          aria-label={`More of ${line.exercise}`}
          className="grid size-6 place-items-center rounded text-soft hover:text-ink"
          onClick={() => open(line.id)}
        >
          <Ellipsis size={16} aria-hidden />
        </button>
      </span>
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
  client: ClientId;
}) {
  return (
    <Link
      to={`/library/${line.exercise_id}?client=${client}`}
      title={caution.text}
      className={`block min-h-6 text-sm font-normal underline ${caution.grade === "stop" ? "text-stop" : "text-caution"}`}
    >
      {caution.grade === "stop" ? "not for the" : "mind the"} {caution.about}
      <Of what={line.exercise} />
    </Link>
  );
}
