import { actionOf } from "../../app/shortcuts";
import { query } from "../../api/query";
import { useQuery } from "@tanstack/react-query";
import { useId, useState, type KeyboardEvent } from "react";
import { type Schemas } from "../../api/client";
import { shortId, type ClientId } from "../../api/ids";
import { ExerciseSheet } from "../library/ExerciseSheet";
import type { Edit } from "./useBoard";

const SHOWN = 8;

/** Type a name, take it with Enter; a name nobody knows can be added as the trainer's own. */
export function AddExercise({
  client,
  day,
  save,
}: {
  client: ClientId;
  day: Schemas["DayView"];
  save: (edits: Edit[], reason: string) => void;
}) {
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  const [own, setOwn] = useState<Pick<Schemas["Found"], "name" | "line"> | null>(null);
  const list = useId();
  const typed = text.trim();
  const search = useQuery({
    ...query.found(typed, client, null, SHOWN),

    enabled: typed !== "",
  });
  const hits = typed ? (search.data?.hits ?? []) : [];
  const found = hits.map((hit) => hit.exercise);
  const settled = !search.isFetching && !search.isPlaceholderData;
  const open = typed !== "";
  const add = (exercise: Schemas["Exercise"], written = search.data?.line ?? "") => {
    save(
      [
        {
          op: "add_line",
          day: day.id,
          line: shortId("l"),
          exercise: exercise.id,
          position: 100,
          text: written,
        },
      ],
      `${exercise.name} added to ${day.name}${written ? `: ${written}` : ""}`,
    );
    setText("");
    setAt(0);
  };
  /** Enter came before the answer to what was typed: take the best of it once it is there. */
  const take = (answer: Schemas["Found"] | undefined) => {
    const best = answer?.hits[0]?.exercise;
    if (best) add(best, answer.line);
    else if (answer) setOwn(answer);
  };
  const onKey = (event: KeyboardEvent) => {
    const chosen = found[at];
    const asked = actionOf("add", event);
    if (text === "" && (asked === "down" || asked === "up"))
      otherDay(event.currentTarget, asked === "down" ? 1 : -1);
    else if (asked === "down") setAt(Math.min(at + 1, found.length - 1));
    else if (asked === "up") setAt(Math.max(at - 1, 0));
    else if (asked === "leave") setText("");
    else if (asked === "take" && !settled) void search.refetch().then((answer) => take(answer.data));
    else if (asked === "take" && chosen) add(chosen);
    else if (asked === "take" && search.data) setOwn(search.data);
    else return;
    event.preventDefault();
  };
  return (
    <div className="relative ml-2 w-72">
      <input
        role="combobox"
        data-add
        aria-label={`Add an exercise to ${day.name}`}
        aria-expanded={open}
        aria-controls={list}
        aria-activedescendant={found[at] ? `${list}-${at}` : undefined}
        autoComplete="off"
        placeholder="Add: goblet squat 3x10 16 …"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setAt(0);
        }}
        onKeyDown={onKey}
        className="w-full rounded-md border border-dashed border-line-strong/70 bg-transparent px-2 py-1 placeholder:text-soft"
      />
      <ul
        id={list}
        role="listbox"
        aria-label="Exercises found"
        hidden={!open}
        className="absolute z-20 mt-1 w-80 border border-line-strong/60 bg-raised shadow-lg"
      >
        {found.map((exercise, index) => (
          <li
            key={exercise.id}
            id={`${list}-${index}`}
            role="option"
            aria-selected={index === at}
            className="flex cursor-pointer justify-between gap-3 px-2 py-1.5 aria-selected:bg-sunk"
            onMouseDown={(event) => {
              event.preventDefault();
              add(exercise);
            }}
          >
            <span className="font-medium">{exercise.name}</span>
            <HitNote hit={hits[index]} />
          </li>
        ))}
        {search.error && <li className="px-2 py-1.5 text-caution">{search.error.message}</li>}
        {open && settled && !search.error && found.length === 0 && (
          <li
            role="option"
            aria-selected
            className="cursor-pointer px-2 py-1.5"
            onMouseDown={(event) => {
              event.preventDefault();
              if (search.data) setOwn(search.data);
            }}
          >
            Nobody here knows it. Add “{search.data?.name}” as your own
          </li>
        )}
      </ul>
      {own !== null && (
        <ExerciseSheet
          exercise={null}
          name={own.name}
          onClose={() => setOwn(null)}
          onSaved={(exercise) => {
            setOwn(null);
            add(exercise, own.line);
          }}
        />
      )}
    </div>
  );
}

/** What stands beside a hit: its pattern, or what a joint says of it. */
function HitNote({ hit }: { hit: Schemas["SearchHit"] | undefined }) {
  const worst = hit?.cautions[0];
  if (!worst || worst.grade === "note")
    return <span className="text-sm text-soft">{hit?.exercise.pattern}</span>;
  return (
    <span className={`text-sm ${worst.grade === "stop" ? "text-stop" : "text-caution"}`}>
      {worst.grade === "stop" ? "not for the" : "mind the"} {worst.about}
    </span>
  );
}

/** From an empty field on to the next day's, or back to the one before. */
function otherDay(here: EventTarget, step: number): void {
  const fields = [...document.querySelectorAll<HTMLElement>("[data-add]")];
  fields[fields.indexOf(here as HTMLElement) + step]?.focus();
}
