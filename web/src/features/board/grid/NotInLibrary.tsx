// Lines typed that name no exercise: they stay as typed, in this browser, until each is chosen, made or dropped.
import { t } from "../../../ui/words";
import { useQuery } from "@tanstack/react-query";
import { X } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../../../api/client";
import type { ClientId } from "../../../api/ids";
import { query } from "../../../api/query";
import { MakeExercise } from "../../library/MakeExercise";

/** A line as it was typed, and how many groups the day had then. */
export interface TypedLine {
  id: string;
  typed: string;
  at: number;
}

type Choose = (line: TypedLine, exercise: Schemas["Exercise"], written: string) => void;

const NEAREST = 3;

export function NotInLibrary({
  lines,
  client,
  choose,
  drop,
}: {
  lines: readonly TypedLine[];
  client: ClientId;
  choose: Choose;
  drop: (line: TypedLine) => void;
}) {
  if (!lines.length) return null;
  return (
    <ul aria-label={t("Lines not in the library")}>
      {lines.map((line) => (
        <Unknown key={line.id} line={line} client={client} choose={choose} drop={() => drop(line)} />
      ))}
    </ul>
  );
}

function Unknown({
  line,
  client,
  choose,
  drop,
}: {
  line: TypedLine;
  client: ClientId;
  choose: Choose;
  drop: () => void;
}) {
  const [making, setMaking] = useState(false);
  const near = useQuery(query.found(line.typed, client, null, NEAREST));
  const written = near.data?.line ?? "";
  const name = near.data?.name ?? line.typed;
  const hits = (near.data?.hits ?? []).slice(0, NEAREST);
  return (
    <li className="mb-1 ml-2 flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-caution py-0.5 pl-2">
      <span className="font-medium">{line.typed}</span>
      <span className="text-sm text-caution">{t("not in the library")}</span>
      {hits.length > 0 && (
        <span className="text-sm text-soft">
          {t("nearest:")}{" "}
          {hits.map(({ exercise }, index) => (
            <span key={exercise.id}>
              {index > 0 && " · "}
              <button
                type="button"
                className="text-base text-ink underline"
                onClick={() => choose(line, exercise, written)}
              >
                {exercise.name}
              </button>
            </span>
          ))}
        </span>
      )}
      <button type="button" className="underline" onClick={() => setMaking(true)}>
        {t("make “{{name}}” an exercise", { name })}
      </button>
      <button
        type="button"
        aria-label={t("Drop “{{typed}}”", { typed: line.typed })}
        className="rounded p-1 hover:bg-sunk"
        onClick={drop}
      >
        <X size={16} aria-hidden />
      </button>
      {making && (
        <MakeExercise
          name={name}
          onClose={() => setMaking(false)}
          onSaved={(exercise) => choose(line, exercise, written)}
        />
      )}
    </li>
  );
}
