// A program pasted from a spreadsheet: what each row was understood as, and nothing written before "Bring in".
import { t } from "../../../ui/words";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { showAnswer } from "../../../api/changed";
import { type Schemas } from "../../../api/client";
import { files } from "../../../api/files";
import type { ExerciseId } from "../../../api/ids";
import { keys } from "../../../api/keys";
import { query } from "../../../api/query";
import { Button } from "../../../ui/Button";
import { count } from "../../../ui/format";
import { Message } from "../../../ui/Message";
import { Picker } from "../../../ui/fields/Select";
import { Sheet } from "../../../ui/Sheet";
import { useKeptText } from "../../../ui/fields/useKeptText";
import { Part } from "../../../ui/Waiting";
import { LeftRows } from "../../bringing/LeftRows";
import { TableInput } from "../../bringing/TableInput";

type Chosen = Readonly<Record<number, ExerciseId>>;

export function PasteSheet({
  view,
  phase,
  onClose,
}: {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  onClose: () => void;
}) {
  const { program_id: program } = view;
  const [text, setText] = useKeptText(`pasted ${program}`);
  const [chosen, setChosen] = useState<Chosen>({});
  const queries = useQueryClient();
  const read = useQuery({ ...query.pasted(program, text), enabled: text.trim() !== "", retry: false });
  const bring = useMutation({
    mutationFn: () =>
      files.bringInPasted(program, { base: view.revision.number, phase: phase.id, text, chosen }),
    onSuccess: (board) => {
      void showAnswer(queries, keys.board(program), board);
      void queries.invalidateQueries({ queryKey: keys.history(program) });
      void queries.invalidateQueries({ queryKey: keys.calendar(program) });
      void queries.invalidateQueries({ queryKey: keys.today });
      setText("");
      onClose();
    },
  });
  const lines = read.data?.lines ?? [];
  const ready = lines.filter((line) => line.exercise ?? chosen[line.row]);
  return (
    <Sheet title={t("Paste a program")} open onClose={onClose}>
      <TableInput
        hint={t(
          "Best with its heading row. Days in rows of their own, a column a week, or sets, reps and load apart.",
        )}
        text={text}
        change={(next) => {
          setText(next);
          setChosen({});
        }}
      />
      {bring.error && (
        <Message tone="stop" className="mt-3">
          {bring.error.message}
        </Message>
      )}
      {text.trim() !== "" && (
        <div className="mt-3">
          <Part of={read} lines={6}>
            {(data) => (
              <Understood
                of={data}
                chosen={chosen}
                choose={(row, id) => setChosen({ ...chosen, [row]: id })}
              />
            )}
          </Part>
          {read.data && (
            <Button
              tone="act"
              className="mt-3 w-full"
              disabled={!ready.length || bring.isPending}
              onClick={() => bring.mutate()}
            >
              {t("Bring in {{lines}} for {{weeks}}", {
                lines: count(ready.length, "line"),
                weeks: count(read.data.weeks, "week"),
              })}
            </Button>
          )}
        </div>
      )}
    </Sheet>
  );
}

function Understood({
  of: { days, lines, left },
  chosen,
  choose,
}: {
  of: Schemas["PastedView"];
  chosen: Chosen;
  choose: (row: number, exercise: ExerciseId) => void;
}) {
  return (
    <div className="grid gap-3">
      {days.map((day, at) => (
        <section key={day.name} aria-label={day.name}>
          <h3 className="font-semibold">{day.name}</h3>
          <ul className="border-t border-line text-sm">
            {lines
              .filter((line) => line.day === at)
              .map((line) => (
                <li
                  key={line.row}
                  className="grid grid-cols-[2rem_1fr_1.4fr] items-baseline gap-2 border-b border-line py-1"
                >
                  <span className="text-right text-soft">{line.row}</span>
                  <Named line={line} chosen={chosen[line.row]} choose={(id) => choose(line.row, id)} />
                  <span>
                    {spoken(line.texts)}
                    {line.unread && <span className="block text-caution">{line.unread}</span>}
                  </span>
                </li>
              ))}
          </ul>
        </section>
      ))}
      <LeftRows rows={left} />
    </div>
  );
}

/** The exercise a row names, or another of the nearest; where it names none, the choice among them. */
function Named({
  line: { row, typed, exercise, nearest },
  chosen,
  choose,
}: {
  line: Schemas["UnderstoodRow"];
  chosen: ExerciseId | undefined;
  choose: (exercise: ExerciseId) => void;
}) {
  const differs = exercise?.name.toLowerCase() !== typed.toLowerCase();
  return (
    <span className="grid min-w-0">
      <Picker
        aria-label={t("Exercise for row {{row}}, {{typed}}", { row, typed })}
        quiet={exercise !== null}
        className="min-h-6 min-w-0 font-medium"
        value={chosen ?? exercise?.id ?? ""}
        empty={exercise ? undefined : t("left out")}
        options={nearest.map((one) => [one.id, one.name] as const)}
        choose={(id) => id && choose(id)}
      />
      {differs && (
        <span className={`text-sm ${exercise ? "text-soft" : "text-caution"}`}>
          {exercise ? typed : t("{{typed}}: not in the library", { typed })}
        </span>
      )}
    </span>
  );
}

/** The weeks' texts, the same ones once: ``3 x 8 · 3 x 9``. */
function spoken(texts: readonly string[]): string {
  return texts.filter((text, week) => text !== texts[week - 1]).join(" · ");
}
