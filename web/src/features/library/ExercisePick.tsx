import { named, t } from "../../ui/words";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/fields/Input";

const OFFERED = 5;

/** One exercise, found by any of its names; none is an answer too. */
export function ExercisePick({
  label,
  chosen,
  choose,
}: {
  label: string;
  chosen: Schemas["Exercise"] | null;
  choose: (exercise: Schemas["Exercise"] | null) => void;
}) {
  const [text, setText] = useState("");
  const typed = text.trim();
  const found = useQuery({ ...query.found(typed, null, null, OFFERED), enabled: typed !== "" && !chosen });
  if (chosen)
    return (
      <p className="flex items-center justify-between gap-3">
        <span>
          {label}: <span className="font-medium">{chosen.name}</span>
        </span>
        <Button tone="quiet" onClick={() => choose(null)}>
          {t("Another")}
        </Button>
      </p>
    );
  return (
    <div>
      <TextField label={label} sort="search" placeholder={t("none")} value={text} change={setText} />
      {typed && (
        <ul aria-label={t("{{label}}: found", { label })} className="mt-1 grid gap-1">
          {found.data?.hits.slice(0, OFFERED).map(({ exercise }) => (
            <li key={exercise.id}>
              <Button
                tone="quiet"
                className="w-full justify-start!"
                onClick={() => {
                  choose(exercise);
                  setText("");
                }}
              >
                {exercise.name} <span className="text-sm text-soft">{named(exercise.pattern)}</span>
              </Button>
            </li>
          ))}
          {found.data?.hits.length === 0 && <li className="text-soft">{t("Nothing by that name.")}</li>}
        </ul>
      )}
    </div>
  );
}
