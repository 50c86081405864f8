import { t } from "../../../ui/words";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { showAnswer } from "../../../api/changed";
import { api, Problem, type Schemas } from "../../../api/client";
import { NOWHERE } from "../../../api/ids";
import { keys } from "../../../api/keys";
import { query } from "../../../api/query";
import { Button } from "../../../ui/Button";
import { Choice } from "../../../ui/fields/Choice";
import { count } from "../../../ui/format";
import { TextField } from "../../../ui/fields/Input";
import { Message } from "../../../ui/Message";
import { Select } from "../../../ui/fields/Select";
import { Sheet } from "../../../ui/Sheet";
import { ExercisePick } from "../../library/ExercisePick";
import { LookFirst } from "./LookFirst";

const whats = [
  ["load", t("Load")],
  ["rest", t("Rest")],
  ["exercise", t("Exercise")],
] as const satisfies readonly (readonly [Schemas["Replaced"], string])[];

const hints = {
  load: ["60 kg, bw, 75 %; empty for any", "62.5 kg, +2.5, -10 %"],
  rest: ["90, 2:00; empty for any", "60, 1:30, +15, -30"],
} as const;

/** An exercise, a load or a rest found all over the program and replaced: looked at first, one revision. */
export function FindSheet({
  view,
  phase,
  onClose,
}: {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  onClose: () => void;
}) {
  const [what, setWhat] = useState<Schemas["Replaced"]>("load");
  const [find, setFind] = useState("");
  const [put, setPut] = useState("");
  const [only, setOnly] = useState<string>("");
  const [into, setInto] = useState<Schemas["Exercise"] | null>(null);
  const [where, setWhere] = useState<"all" | "phase" | "now">("now");
  const queries = useQueryClient();
  const exercises = named(view);
  const now = view.phases.flatMap((one) => one.weeks).find((week) => week.is_now);
  const wish = {
    base: view.revision.number,
    what,
    find: what === "exercise" ? only : find.trim(),
    put: what === "exercise" ? (into?.id ?? "") : put.trim(),
    phase: where === "phase" ? phase.id : "",
    exercise: (what === "exercise" ? NOWHERE : only) as Schemas["ReplaceRequest"]["exercise"],
    from_week: (where === "now" && now ? now.id : NOWHERE) as Schemas["ReplaceRequest"]["from_week"],
  };
  const asked = useDeferredValue(wish);
  const ready = wish.put !== "" && (what !== "exercise" || wish.find !== "");
  const trial = useQuery({
    ...query.lookAtReplace(view.program_id, asked),
    enabled: ready && asked.put !== "",
  });
  const replace = useMutation({
    mutationFn: () => api.replaceAll(view.program_id, wish),
    onSuccess: (board) => {
      void showAnswer(queries, keys.board(view.program_id), board);
      void queries.invalidateQueries({ queryKey: keys.history(view.program_id) });
      void queries.invalidateQueries({ queryKey: keys.today });
      onClose();
    },
  });
  const places = ready && trial.data ? trial.data.places : null;
  return (
    <Sheet title={t("Find and replace")} open onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (places) replace.mutate();
        }}
      >
        <Choice label={t("What")} value={what} options={whats} choose={setWhat} />
        {what === "exercise" ? (
          <div className="grid gap-3 sm:grid-cols-2">
            <Select
              label={t("Find")}
              value={only}
              empty={t("choose")}
              options={exercises}
              choose={(exercise) => setOnly(exercise)}
            />
            <ExercisePick label={t("Replace by")} chosen={into} choose={setInto} />
          </div>
        ) : (
          <div className="grid gap-3 sm:grid-cols-3">
            <TextField label={t("Find")} hint={hints[what][0]} value={find} change={setFind} autoFocus />
            <TextField label={t("Replace by")} hint={hints[what][1]} value={put} change={setPut} />
            <Select
              label={t("Of which exercise")}
              value={only}
              empty={t("any")}
              options={exercises}
              choose={(exercise) => setOnly(exercise)}
            />
          </div>
        )}
        <Choice
          label={t("Where")}
          value={where}
          options={[
            ["now", now && what !== "exercise" ? t("From this week on") : t("The whole program")],
            ["phase", phase.name],
            ...(now && what !== "exercise" ? ([["all", t("Past weeks too")]] as const) : []),
          ]}
          choose={setWhere}
        />
        {ready && (
          <div className="rounded bg-sunk p-2">
            {places !== null && (
              <p className="mb-1 font-medium">{places ? count(places, "place") : t("Nothing says that.")}</p>
            )}
            {(places !== 0 || trial.error) && <LookFirst of={lookOf(trial)} />}
          </div>
        )}
        {replace.error instanceof Problem && <Message tone="stop">{replace.error.message}</Message>}
        <p>
          <Button type="submit" tone="act" disabled={!places || replace.isPending}>
            {t("Replace {{more}}", { more: places ? count(places, "place") : "" })}
          </Button>
        </p>
      </form>
    </Sheet>
  );
}

/** Every exercise of a program by name. */
function named(view: Schemas["BoardView"]) {
  const found = new Map<string, string>();
  for (const phase of view.phases)
    for (const day of phase.days)
      for (const group of day.groups)
        for (const line of group.lines) {
          found.set(line.exercise_id, line.exercise);
          if (line.variant_b) found.set(line.variant_b.id, line.variant_b.name);
        }
  return [...found].sort(([, one], [, other]) => one.localeCompare(other));
}

type Asked = ReturnType<typeof useQuery<Schemas["ReplaceTrial"]>>;

/** The same answer, for who shows only what would change. */
const lookOf = (trial: Asked) =>
  ({ ...trial, data: trial.data?.look }) as ReturnType<typeof useQuery<Schemas["TrialView"]>>;
