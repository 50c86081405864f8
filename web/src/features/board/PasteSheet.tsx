// A program pasted from a spreadsheet: what each row was understood as, and nothing written before "Bring in".
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../../api/client";
import type { ExerciseId } from "../../api/ids";
import { keys } from "../../api/keys";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { count } from "../../ui/format";
import { TextField } from "../../ui/Input";
import { Message } from "../../ui/Message";
import { Picker } from "../../ui/Select";
import { Sheet } from "../../ui/Sheet";
import { useKeptText } from "../../ui/useKeptText";
import { Part } from "../../ui/Waiting";

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
      api.bringInPasted(program, { base: view.revision.number, phase: phase.id, text, chosen }),
    onSuccess: (board) => {
      queries.setQueryData(keys.board(program), board);
      void queries.invalidateQueries({ queryKey: keys.history(program) });
      void queries.invalidateQueries({ queryKey: keys.calendar(program) });
      void queries.invalidateQueries({ queryKey: keys.today });
      setText("");
      onClose();
    },
  });
  const opened = useMutation({
    mutationFn: async (file: File) =>
      file.name.toLowerCase().endsWith(".xlsx")
        ? (await api.readSpreadsheet(program, await base64(file))).text
        : file.text(),
    onSuccess: (rows) => {
      setText(rows);
      setChosen({});
    },
  });
  const lines = read.data?.lines ?? [];
  const ready = lines.filter((line) => line.exercise ?? chosen[line.row]);
  return (
    <Sheet title="Paste a program" open onClose={onClose}>
      <TextField
        label="Rows copied from your spreadsheet"
        hint="Best with its heading row. Days in rows of their own, a column a week, or sets, reps and load apart."
        rows={6}
        spellCheck={false}
        autoFocus
        value={text}
        change={(next) => {
          setText(next);
          setChosen({});
        }}
      />
      <label className="mt-2 inline-block cursor-pointer text-sm underline">
        or open a file (.xlsx, .csv)
        <input
          type="file"
          accept=".xlsx,.csv,.tsv,.txt"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (file) opened.mutate(file);
          }}
        />
      </label>
      {opened.error && (
        <Message tone="stop" className="mt-3">
          {opened.error.message}
        </Message>
      )}
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
              Bring in {count(ready.length, "line")} for {count(read.data.weeks, "week")}
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
      {left.map(({ row, words, why }) => (
        <Message key={row} tone="caution">
          Row {row}, “{words}”: {why}
        </Message>
      ))}
    </div>
  );
}

/** The exercise a row names; where it names none, the choice among the nearest. */
function Named({
  line,
  chosen,
  choose,
}: {
  line: Schemas["UnderstoodRow"];
  chosen: ExerciseId | undefined;
  choose: (exercise: ExerciseId) => void;
}) {
  if (line.exercise)
    return (
      <span>
        <span className="font-medium">{line.exercise.name}</span>
        {line.exercise.name.toLowerCase() !== line.typed.toLowerCase() && (
          <span className="text-soft"> {line.typed}</span>
        )}
      </span>
    );
  return (
    <span className="grid gap-1">
      <span className="text-caution">{line.typed}: not in the library</span>
      <Picker
        aria-label={`Exercise for row ${line.row}, ${line.typed}`}
        value={chosen ?? ""}
        empty="left out"
        options={line.nearest.map((one) => [one.id, one.name] as const)}
        choose={(id) => id && choose(id)}
      />
    </span>
  );
}

/** A file's bytes in base64. */
function base64(file: File): Promise<string> {
  return new Promise((done, failed) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result).split(",")[1] ?? "");
    reader.onerror = () => failed(new Error("The file could not be read."));
    reader.readAsDataURL(file);
  });
}

/** The weeks' texts, the same ones once: ``3 x 8 · 3 x 9``. */
function spoken(texts: readonly string[]): string {
  return texts.filter((text, week) => text !== texts[week - 1]).join(" · ");
}
