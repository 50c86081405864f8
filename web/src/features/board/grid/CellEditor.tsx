import { t } from "../../../ui/words";
import { actionOf } from "../../../app/keys/shortcuts";
import { query } from "../../../api/query";
import type { ExerciseId, LineId, ProgramId, WeekId } from "../../../api/ids";
import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useId, useState, type KeyboardEvent } from "react";
import { type Schemas } from "../../../api/client";
import { load, shortDate } from "../../../ui/format";
import { blocksOf, SetBlocks } from "../../../ui/pictures/SetBlocks";
import { useUpward } from "../../../ui/useUpward";

interface Kept {
  /** Into all following weeks, whatever they say. */
  far: boolean;
  /** Where to go on: rows down, columns right. */
  move: [number, number];
}

/** Typing into a cell: what the core reads is shown as it is typed, and where it stops understanding. */
export function CellEditor({
  programId,
  exercise,
  at,
  start,
  label,
  late,
  compact,
  onType,
  onKeep,
  onLeave,
}: {
  programId: ProgramId;
  exercise: ExerciseId;
  /** The cell: the place of its week answers. */
  at: { line: LineId; week: WeekId };
  start: string;
  label: string;
  /** In the last columns what opens opens to the left. */
  late: boolean;
  compact: boolean;
  onType: (text: string) => void;
  onKeep: (text: string, how: Kept) => void;
  onLeave: () => void;
}) {
  const [text, setText] = useState(start);
  const [gone, setGone] = useState(false);
  const [box, upward] = useUpward<HTMLDivElement>(true, 230);
  const asked = useDeferredValue(text);
  const hint = useId();
  const read = useQuery({
    ...query.read(programId, exercise, at, asked),

    enabled: asked.length <= 400,
  });
  const known = useQuery(query.hints(programId, exercise, at));
  const answer = read.data;
  const keep = (how: Kept, what = text) => {
    setGone(true);
    onKeep(what, how);
  };
  const onKey = (event: KeyboardEvent) => {
    event.stopPropagation();
    const asked = actionOf("typing", event);
    if (asked === "keep") keep({ far: false, move: [1, 0] });
    else if (asked === "keep on") keep({ far: true, move: [0, 0] });
    else if (asked === "next") keep({ far: false, move: [0, 1] });
    else if (asked === "previous") keep({ far: false, move: [0, -1] });
    else if (asked === "leave") {
      setGone(true);
      onLeave();
    } else return;
    event.preventDefault();
  };
  const unreadable = answer?.state === "unreadable" ? answer.unreadable : null;
  return (
    <div
      ref={box}
      data-cell-editor
      className={`relative z-20 ${compact ? "h-6 [&>input]:min-h-0 [&>input]:py-px" : "min-h-10 [contain:layout]"}`}
    >
      <input
        autoFocus
        aria-label={label}
        aria-describedby={hint}
        aria-invalid={Boolean(unreadable)}
        spellCheck={false}
        autoComplete="off"
        value={text}
        maxLength={400}
        onChange={(event) => {
          setText(event.target.value);
          onType(event.target.value);
        }}
        onKeyDown={onKey}
        onFocus={(event) => event.currentTarget.setSelectionRange(text.length, text.length)}
        onBlur={() => !gone && keep({ far: false, move: [0, 0] })}
        className={`absolute top-0 z-20 w-[max(100%,20rem)] border-2 border-focus bg-raised px-1.5 py-1.5 font-medium outline-none ${late ? "right-0" : "left-0"}`}
      />
      <div
        id={hint}
        aria-live="polite"
        className={`absolute z-20 w-[22rem] max-w-[90vw] border border-line-strong bg-raised px-2 py-1.5 text-sm shadow-lg ${upward ? "bottom-full" : compact ? "top-full" : "top-10"} ${late ? "right-0" : "left-0"}`}
      >
        {answer?.state === "read" && (
          <>
            <SetBlocks
              size="small"
              blocks={blocksOf(answer.sets ?? 0, answer.bar, [], answer.bars)}
              label={answer.text}
            />
            <p className="mt-1 font-medium">{answer.text}</p>
            {answer.note && <p className="text-soft">{answer.note}</p>}
            {answer.caution && <p className="text-caution">{answer.caution}</p>}
            <p className="text-soft">{t("Enter keeps it, Shift + Enter in all following weeks too.")}</p>
          </>
        )}
        {(!answer || answer.state === "empty") && (
          <p className="text-soft">
            {t(
              "For example 3 x 8-10, 20 kg, rest 90 s, leave 2. A row: +2.5 each week, 80 85 90 70 %. As above: ”",
            )}
          </p>
        )}
        {read.error && <p className="text-caution">{read.error.message}</p>}
        {unreadable && (
          <>
            <p className="text-stop">
              {t("At character {{more}}: expected {{expected}}.", {
                more: unreadable.position + 1,
                expected: unreadable.expected,
              })}
            </p>
            {unreadable.nearest && (
              <p className="mt-1">
                {t("Nearest:")}{" "}
                <button
                  type="button"
                  className="font-medium underline"
                  onMouseDown={(event) => {
                    event.preventDefault();
                    setText(unreadable.nearest ?? text);
                  }}
                >
                  {unreadable.nearest}
                </button>
              </p>
            )}
          </>
        )}
        {known.data && (
          <Known
            hints={known.data}
            put={(what) => {
              setText(what);
              onType(what);
            }}
            text={text}
          />
        )}
      </div>
    </div>
  );
}

const LOADS = 6;

/** Last time's numbers and the loads of the place, to be taken with one tap. */
function Known({ hints, text, put }: { hints: Schemas["Hints"]; text: string; put: (text: string) => void }) {
  const middle = Number(hints.around?.value ?? 0);
  const nearest = hints.loads.findIndex((one) => Number(one.value) >= middle);
  const from = Math.max(0, Math.min(nearest - LOADS / 2, hints.loads.length - LOADS));
  const shown = hints.loads.slice(from, from + LOADS);
  const take = (what: string) => (event: { preventDefault: () => void }) => {
    event.preventDefault();
    put(what);
  };
  return (
    <div className="mt-1 border-t border-line pt-1">
      {hints.last && (
        <p>
          <span className="text-soft">
            {shortDate(hints.last.on)}: {hints.last.done}.
          </span>{" "}
          {hints.last.planned && (
            <button
              type="button"
              tabIndex={-1}
              className="font-medium underline"
              onMouseDown={take(hints.last.planned)}
            >
              {hints.last.planned}
            </button>
          )}
        </p>
      )}
      {shown.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-2 text-soft">
          {t("Here:")}
          {shown.map((one) => (
            <button
              key={load(one)}
              type="button"
              tabIndex={-1}
              className="min-h-6 text-ink underline decoration-line-strong"
              onMouseDown={take(`${text.trim().replace(/,$/, "")}${text.trim() ? ", " : ""}${load(one)}`)}
            >
              {load(one)}
            </button>
          ))}
        </p>
      )}
    </div>
  );
}
