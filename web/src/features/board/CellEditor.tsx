import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useId, useState, type KeyboardEvent } from "react";
import { api } from "../../api/client";
import { blocksOf, SetBlocks } from "../../ui/SetBlocks";

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
  start,
  label,
  onKeep,
  onLeave,
}: {
  programId: string;
  exercise: string;
  start: string;
  label: string;
  onKeep: (text: string, how: Kept) => void;
  onLeave: () => void;
}) {
  const [text, setText] = useState(start);
  const [left, setLeft] = useState(false);
  const asked = useDeferredValue(text);
  const hint = useId();
  const read = useQuery({
    queryKey: ["read", programId, exercise, asked],
    queryFn: () => api.readLine(programId, { text: asked, exercise }),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    enabled: asked.length <= 200,
  });
  const answer = read.data;
  const keep = (how: Kept, what = text) => {
    setLeft(true);
    onKeep(what, how);
  };
  const keys = (event: KeyboardEvent) => {
    event.stopPropagation();
    if (event.key === "Enter") keep({ far: event.shiftKey, move: [event.shiftKey ? 0 : 1, 0] });
    else if (event.key === "Tab") keep({ far: false, move: [0, event.shiftKey ? -1 : 1] });
    else if (event.key === "Escape") {
      setLeft(true);
      onLeave();
    } else return;
    event.preventDefault();
  };
  const unreadable = answer?.state === "unreadable" ? answer.unreadable : null;
  return (
    <div className="relative">
      <input
        autoFocus
        aria-label={label}
        aria-describedby={hint}
        aria-invalid={Boolean(unreadable)}
        spellCheck={false}
        autoComplete="off"
        value={text}
        maxLength={200}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={keys}
        onFocus={(event) => event.currentTarget.setSelectionRange(text.length, text.length)}
        onBlur={() => !left && keep({ far: false, move: [0, 0] })}
        className="w-full border-2 border-focus bg-raised px-1.5 py-1.5 font-medium outline-none"
      />
      <div
        id={hint}
        aria-live="polite"
        className="absolute top-full left-0 z-20 w-[22rem] max-w-[90vw] border border-line-strong/60 bg-raised px-2 py-1.5 text-sm shadow-lg"
      >
        {answer?.state === "read" && (
          <>
            <SetBlocks size="small" blocks={blocksOf(answer.sets ?? 0, answer.bar, [])} label={answer.text} />
            <p className="mt-1 font-medium">{answer.text}</p>
            {answer.caution && <p className="text-caution">{answer.caution}</p>}
            <p className="text-soft">Enter keeps it, Shift + Enter in all following weeks too.</p>
          </>
        )}
        {(!answer || answer.state === "empty") && (
          <p className="text-soft">For example 3 x 8-10, 20 kg, rest 90 s, leave 2</p>
        )}
        {unreadable && (
          <>
            <p className="text-stop">
              At character {unreadable.position + 1}: expected {unreadable.expected}.
            </p>
            {unreadable.nearest && (
              <p className="mt-1">
                Nearest:{" "}
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
      </div>
    </div>
  );
}
