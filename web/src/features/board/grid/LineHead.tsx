import { named, t } from "../../../ui/words";
import type { ClientId, LineId } from "../../../api/ids";
import { ArrowDown, ArrowUp, Ellipsis, GripVertical, Info, Trash2, TriangleAlert } from "lucide-react";
import { Link } from "react-router";
import type { Schemas } from "../../../api/client";
import { Of } from "../../../ui/Of";
import { SectionSelect } from "./GroupHead";
import type { Opened } from "../keeping/opened";
import type { Save } from "../keeping/useBoard";

/** The head of a line: its exercise, what speaks against it, and the tools to move, choose and open it. */
export function LineHead({
  client,
  day,
  group,
  line,
  index,
  within,
  opens,
  compact,
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
  /** Where the group stands in the day, and where the line stands in the group. */
  index: number;
  within: number;
  /** Whether the section begins with it. */
  opens: boolean;
  compact: boolean;
  last: boolean;
  chosen: boolean;
  choose: (line: LineId) => void;
  open: (what: Opened) => void;
  save: Save;
}) {
  const look =
    "grid size-6 place-items-center rounded text-soft opacity-0 group-hover:opacity-100 focus-visible:opacity-100 hover:text-ink";
  const together = group.lines.length > 1;
  const move = (to: number) =>
    save(
      [
        group.lines.length > 1
          ? { op: "move_group", group: group.id, day: day.id, position: to }
          : { op: "move_line", line: line.id, day: day.id, position: to },
      ],
      t("{{exercise}} moved in {{name}}", { exercise: line.exercise, name: day.name }),
    );
  const tools = (
    <>
      {index > 0 && (
        <button
          type="button"
          aria-label={t("Move {{exercise}} up", { exercise: line.exercise })}
          className={look}
          onClick={() => move(index - 1)}
        >
          <ArrowUp size={15} aria-hidden />
        </button>
      )}
      {!last && (
        <button
          type="button"
          aria-label={t("Move {{exercise}} down", { exercise: line.exercise })}
          className={look}
          onClick={() => move(index + 1)}
        >
          <ArrowDown size={15} aria-hidden />
        </button>
      )}
      <button
        type="button"
        aria-label={t("Take out {{exercise}}", { exercise: line.exercise })}
        className={look}
        onClick={() =>
          save(
            [{ op: "remove_line", line: line.id }],
            t("{{exercise}} taken out of {{name}}", { exercise: line.exercise, name: day.name }),
          )
        }
      >
        <Trash2 size={15} aria-hidden />
      </button>
      <button
        type="button"
        aria-label={t("More of {{exercise}}", { exercise: line.exercise })}
        className={compact ? look : "grid size-6 place-items-center rounded text-soft hover:text-ink"}
        onClick={() => open({ line: line.id })}
      >
        <Ellipsis size={16} aria-hidden />
      </button>
    </>
  );
  const cautions = line.joints.filter((caution) => caution.grade !== "note");
  if (compact)
    return (
      <span className="relative flex h-6 items-center">
        <span className="flex w-[3.75rem] shrink-0 items-center self-stretch text-xs font-normal text-soft">
          {opens ? (
            <SectionSelect group={group} compact save={save} />
          ) : (
            together &&
            within === 1 && (
              <button
                type="button"
                aria-label={t("How {{lines}} are done", {
                  lines: group.lines.map((one) => one.exercise).join(" and "),
                })}
                className="w-full truncate pr-1 text-right hover:text-ink hover:underline"
                onClick={() => open({ group: group.id })}
              >
                {named(group.pairing || group.kind)}
              </button>
            )
          )}
        </span>
        <span
          aria-hidden
          className={`mr-1.5 w-1 shrink-0 self-stretch ${together ? "bg-ink" : ""} ${together && within === 0 ? "mt-1" : ""} ${together && within === group.lines.length - 1 ? "mb-1" : ""}`}
        />
        <button
          type="button"
          aria-pressed={chosen}
          aria-label={t("Choose {{exercise}}", { exercise: line.exercise })}
          title={[line.exercise, line.reason, line.restricted_words].filter(Boolean).join(". ")}
          draggable
          onDragStart={(event) => {
            event.dataTransfer.setData("text/x-line", line.id);
            event.dataTransfer.effectAllowed = "move";
          }}
          onClick={() => choose(line.id)}
          className="min-w-0 truncate text-left hover:underline aria-pressed:underline aria-pressed:decoration-2"
        >
          {line.exercise}
          {line.variant_b && <span className="font-normal text-soft"> / {line.variant_b.name}</span>}
        </button>
        {line.removed && (
          <span title={t("no longer in the library")} className="ml-1 shrink-0 text-caution">
            <Info size={14} aria-label={t("no longer in the library")} />
          </span>
        )}
        {cautions.slice(0, 1).map((caution) => (
          <Link
            key={caution.about}
            to={`/library/${line.exercise_id}?client=${client}`}
            title={caution.text}
            className={`ml-1 grid size-6 shrink-0 place-items-center ${caution.grade === "stop" ? "text-stop" : "text-caution"}`}
          >
            <TriangleAlert size={14} aria-hidden />
            <span className="sr-only">
              {caution.grade === "stop" ? t("not for the") : t("mind the")} {caution.about}
              <Of what={line.exercise} />
            </span>
          </Link>
        ))}
        <span className="absolute inset-y-0 right-0 flex bg-ground opacity-0 group-hover:opacity-100 focus-within:opacity-100">
          {tools}
        </span>
      </span>
    );
  return (
    <span className="flex items-start gap-1">
      <span
        draggable
        aria-hidden
        title={t("Drag to another place or day")}
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
          aria-label={t("Choose {{exercise}}", { exercise: line.exercise })}
          onClick={() => choose(line.id)}
          className="min-h-6 text-left hover:underline aria-pressed:underline aria-pressed:decoration-2"
        >
          {line.exercise}
        </button>
        {line.variant_b && (
          <span className="block text-sm font-normal">
            {t("B weeks: {{name}}", { name: line.variant_b.name })}
          </span>
        )}
        {line.removed && (
          <span className="block text-sm font-normal text-caution">{t("no longer in the library")}</span>
        )}
        {cautions.map((caution) => (
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
      <span className="flex shrink-0">{tools}</span>
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
      {caution.grade === "stop" ? t("not for the") : t("mind the")} {caution.about}
      <Of what={line.exercise} />
    </Link>
  );
}
