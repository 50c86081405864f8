import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useId, useState, type KeyboardEvent } from "react";
import { api, type Schemas } from "../../api/client";
import { freshId } from "../../api/ids";
import { keys } from "../../api/keys";
import { OwnExerciseSheet } from "./OwnExerciseSheet";
import type { Edit } from "./useBoard";

const SHOWN = 8;

/** Type a name, take it with Enter; a name nobody knows can be added as the trainer's own. */
export function AddExercise({
  day,
  save,
}: {
  day: Schemas["DayView"];
  save: (edits: Edit[], reason: string) => void;
}) {
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  const [own, setOwn] = useState<string | null>(null);
  const list = useId();
  const queries = useQueryClient();
  const exercises = useQuery({ queryKey: keys.exercises, queryFn: api.exercises, staleTime: 60_000 });
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = words.length
    ? (exercises.data ?? [])
        .filter((e) => words.every((word) => e.name.toLowerCase().includes(word)))
        .slice(0, SHOWN)
    : [];
  const open = words.length > 0;
  const add = (exercise: Schemas["Exercise"]) => {
    save(
      [
        {
          op: "add_line",
          day: day.id,
          line: `l${freshId().slice(0, 12)}`,
          exercise: exercise.id,
          position: 100,
        },
      ],
      `${exercise.name} added to ${day.name}`,
    );
    setText("");
    setAt(0);
  };
  const onKey = (event: KeyboardEvent) => {
    const chosen = found[at];
    if (event.key === "ArrowDown") setAt(Math.min(at + 1, found.length - 1));
    else if (event.key === "ArrowUp") setAt(Math.max(at - 1, 0));
    else if (event.key === "Escape") setText("");
    else if (event.key === "Enter" && chosen) add(chosen);
    else if (event.key === "Enter" && open) setOwn(text.trim());
    else return;
    event.preventDefault();
  };
  return (
    <div className="relative ml-2 w-64">
      <input
        role="combobox"
        aria-label={`Add an exercise to ${day.name}`}
        aria-expanded={open}
        aria-controls={list}
        aria-activedescendant={found[at] ? `${list}-${at}` : undefined}
        autoComplete="off"
        placeholder="Add an exercise …"
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
            <span className="text-sm text-soft">{exercise.pattern}</span>
          </li>
        ))}
        {open && found.length === 0 && (
          <li
            role="option"
            aria-selected
            className="cursor-pointer px-2 py-1.5"
            onMouseDown={(event) => {
              event.preventDefault();
              setOwn(text.trim());
            }}
          >
            Nobody here knows it. Add “{text.trim()}” as your own
          </li>
        )}
      </ul>
      {own !== null && (
        <OwnExerciseSheet
          name={own}
          onClose={() => setOwn(null)}
          onAdded={(exercise) => {
            setOwn(null);
            void queries.invalidateQueries({ queryKey: keys.exercises });
            add(exercise);
          }}
        />
      )}
    </div>
  );
}
