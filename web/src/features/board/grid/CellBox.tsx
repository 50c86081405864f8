import { t } from "../../../ui/words";
import type { LineId, ProgramId, WeekId } from "../../../api/ids";
import { TriangleAlert } from "lucide-react";
import { memo, useEffect, useState, type KeyboardEvent } from "react";
import type { Schemas } from "../../../api/client";
import { blocksOf, SetBlocks } from "../../../ui/pictures/SetBlocks";
import { CellEditor } from "./CellEditor";
import { actionOf } from "../../../app/keys/shortcuts";
import { focusHead } from "./gridStops";
import type { Command } from "../keeping/runCommand";
import { draftOf, dropDraft, dropSent, keepDraft, keepSent } from "../keeping/drafts";
import type { Save } from "../keeping/useBoard";

interface Props {
  programId: ProgramId;
  line: Schemas["LineView"];
  /** The exercise trained in this week: another one in B weeks. */
  exercise: Schemas["ExerciseHead"]["id"];
  name: string;
  week: Schemas["WeekView"];
  cell: Schemas["CellView"] | undefined;
  /** What the week before said of tempo, rest and reserve need not be said again. */
  before: string;
  /** What the cell said when the program was first written, where that is shown and differs. */
  first: string | null;
  row: number;
  column: number;
  /** Whether it is one of the last columns. */
  late: boolean;
  compact: boolean;
  carry: boolean;
  save: Save;
  command: (what: Command, line: LineId, week: WeekId) => void;
}

/** Where a key moves the focus: rows down, columns right. */
const moves: Partial<Record<string, [number, number]>> = {
  up: [-1, 0],
  down: [1, 0],
  left: [0, -1],
  right: [0, 1],
  "choose up": [-1, 0],
  "choose down": [1, 0],
};

/** Moves the focus to the cell at a row and column, if there is one; one far from the view is brought near first. */
export function focusCell(row: number, column: number): void {
  const find = () => document.querySelector<HTMLElement>(`[data-cell="${row}:${column}"]`);
  const cell = find();
  if (cell) return cell.focus();
  const place = document.querySelector<HTMLTableRowElement>(`tr[data-row="${row}"]`);
  const drawn = () => place && place.cells.length > 1;
  if (!place || column < 0 || (drawn() && column + 1 >= place.cells.length)) return;
  const aside = () =>
    drawn() && place.cells[column + 1]?.scrollIntoView({ block: "nearest", inline: "center" });
  const watcher = new MutationObserver(() => {
    const there = find();
    if (!there) return void aside();
    there.focus();
    watcher.disconnect();
  });
  watcher.observe(place, { childList: true, subtree: true });
  if (drawn()) aside();
  else place.scrollIntoView({ block: "center" });
}

/** One cell: its set blocks and its shorthand, read out; it opens for typing where it stands. */
export const CellBox = memo(function CellBox(props: Props) {
  const {
    programId,
    line,
    exercise,
    name,
    week,
    cell,
    before,
    first,
    row,
    column,
    late,
    compact,
    carry,
    save,
  } = props;
  const { command } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const [unkept, setUnkept] = useState(() => draftOf(programId, line.id, week.id, cell?.plan.text ?? ""));
  const [sent, setSent] = useState<{ text: string; over: Schemas["CellView"] | undefined } | null>(null);
  const plan = cell?.plan;
  // The answer is there: what was sent need not be kept here any more.
  useEffect(() => {
    if (sent && sent.over !== cell) dropSent(programId, line.id, week.id);
    // It was refused first, and is kept now.
    if (unkept !== null && unkept === cell?.plan.text) dropSent(programId, line.id, week.id);
  }, [sent, unkept, cell, programId, line.id, week.id]);
  const close = () => {
    dropDraft(programId, line.id, week.id);
    setUnkept(null);
    setDraft(null);
  };
  const keep = (text: string, far: boolean) => {
    if (text.trim() !== plan?.text || far) {
      setSent({ text: text.trim(), over: cell });
      keepSent(programId, line.id, week.id, text.trim(), plan?.text ?? "");
      save(
        [
          {
            op: "set_cell",
            line: line.id,
            week: week.id,
            text,
            carry: far ? "all" : carry ? "matching" : "none",
            by_hand: true,
          },
        ],
        t("{{name}}, week {{number}}: {{more}}", {
          name,
          number: week.number,
          more: text.trim() || "emptied",
        }),
        () => {
          setSent(null);
          setUnkept(text.trim());
        },
      );
    }
    close();
  };
  const open = () => setDraft(unkept ?? plan?.text ?? "");
  const keys = (event: KeyboardEvent) => {
    const asked = actionOf("cell", event);
    // The browser's own copy and paste follow these keys.
    if (asked === "copy" || asked === "paste") return;
    if (asked === "open") open();
    else if (asked === "empty") keep("", false);
    else if (asked && asked in moves) {
      if (asked.startsWith("choose")) command(asked as Command, line.id, week.id);
      const [down, right] = moves[asked] ?? [0, 0];
      if (asked === "left" && column === 0) focusHead(event.currentTarget);
      else focusCell(row + down, column + right);
    } else if (asked) command(asked as Command, line.id, week.id);
    else if (event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey) setDraft(event.key);
    else return;
    event.preventDefault();
  };
  if (draft !== null) {
    return (
      <CellEditor
        programId={programId}
        exercise={exercise}
        at={{ line: line.id, week: week.id }}
        start={draft}
        label={t("{{name}}, week {{number}}", { name, number: week.number })}
        late={late}
        compact={compact}
        onType={(text) => keepDraft(programId, line.id, week.id, text)}
        onKeep={(text, { far, move }) => {
          keep(text, far);
          const [down, right] = move;
          if (down || right) requestAnimationFrame(() => focusCell(row + down, column + right));
        }}
        onLeave={() => {
          close();
          requestAnimationFrame(() => focusCell(row, column));
        }}
      />
    );
  }
  const waiting = sent && sent.over === cell ? sent.text : null;
  return (
    <button
      type="button"
      data-cell={`${row}:${column}`}
      data-line={line.id}
      onClick={open}
      onKeyDown={keys}
      title={compact ? plan?.caution || plan?.text || undefined : undefined}
      className={
        compact
          ? "flex h-6 w-full items-center gap-1.5 overflow-hidden [contain:layout_paint] px-2 text-left text-[0.8125rem] whitespace-nowrap focus-visible:-outline-offset-2 hover:bg-raised"
          : "flex h-full min-h-10 w-full flex-col justify-start gap-1 px-2 py-1.5 text-left [contain-intrinsic-size:auto_5rem] [content-visibility:auto] focus-visible:-outline-offset-2 hover:bg-raised"
      }
    >
      <span className="sr-only">
        {t("{{name}}, week {{number}}: {{more}}", {
          name,
          number: week.number,
          more: waiting ?? (plan?.text || t("empty")),
        })}
      </span>
      {waiting !== null ? (
        <span aria-hidden className="text-soft">
          {waiting}
        </span>
      ) : plan?.state === "unreadable" ? (
        <Unreadable plan={plan} compact={compact} />
      ) : compact ? (
        plan &&
        plan.state === "read" && (
          <OneRow cell={cell} plan={plan} manner={plan.manner === before ? "" : (plan.manner ?? "")} />
        )
      ) : (
        plan &&
        plan.state === "read" && (
          <ReadOut cell={cell} plan={plan} manner={plan.manner === before ? "" : (plan.manner ?? "")} />
        )
      )}
      {unkept !== null && unkept !== plan?.text && (
        <span className={`text-sm leading-tight text-caution ${compact ? "truncate" : ""}`}>
          {t("Not kept yet: {{more}}. Enter opens it.", { more: unkept || t("emptied") })}
        </span>
      )}
      {first !== null && (
        <span className={`text-sm leading-tight text-soft ${compact ? "truncate" : ""}`}>
          {t("first:")} <span className="italic">{first || t("nothing")}</span>
        </span>
      )}
    </button>
  );
});

/** The same in one row: blocks, what is done, how; what asks for a look is a mark, its words are in the cell's title. */
function OneRow({
  cell,
  plan,
  manner,
}: {
  cell: Schemas["CellView"];
  plan: Schemas["ReadCell"];
  manner: string;
}) {
  return (
    <>
      {cell.done.length > 0 && (
        <span className="sr-only">
          {t("; done {{done}}", { done: cell.done.map((bar) => bar.label).join(", ") })}
        </span>
      )}
      <span aria-hidden className="w-[4.5rem] shrink-0 overflow-hidden group-data-narrow/board:w-10">
        <SetBlocks size="tiny" blocks={blocksOf(plan.sets ?? 0, plan.bar, cell.done, plan.bars)} label="" />
      </span>
      <span aria-hidden className="min-w-0 truncate">
        <span className="font-medium">{plan.work}</span>
        {manner && <span className="text-soft"> {manner}</span>}
      </span>
      {plan.caution && (
        <span className="ml-auto shrink-0 text-caution">
          <TriangleAlert size={13} aria-hidden />
          <span className="sr-only">{plan.caution}</span>
        </span>
      )}
    </>
  );
}

/** For the eyes: a screen reader has the same in the cell's first words, and what was done after them. */
function ReadOut({
  cell,
  plan,
  manner,
}: {
  cell: Schemas["CellView"];
  plan: Schemas["ReadCell"];
  manner: string;
}) {
  return (
    <>
      {cell.done.length > 0 && (
        <span className="sr-only">
          {t("; done {{done}}", { done: cell.done.map((bar) => bar.label).join(", ") })}
        </span>
      )}
      <span aria-hidden>
        <SetBlocks blocks={blocksOf(plan.sets ?? 0, plan.bar, cell.done, plan.bars)} label="" />
      </span>
      <span aria-hidden className="leading-tight">
        <span className="font-medium">{plan.work}</span>
        {manner && <span className="block text-sm text-soft">{manner}</span>}
      </span>
      {plan.note && <span className="text-sm leading-tight text-soft">{plan.note}</span>}
      {plan.caution && (
        <span className="flex gap-1 text-sm leading-tight text-caution">
          <TriangleAlert size={14} className="mt-0.5 shrink-0" aria-hidden />
          {plan.caution}
        </span>
      )}
    </>
  );
}

function Unreadable({ plan, compact }: { plan: Schemas["ReadCell"]; compact: boolean }) {
  const at = plan.unreadable?.position ?? 0;
  return (
    <>
      <span aria-hidden className={`font-medium ${compact ? "max-w-[60%] truncate" : ""}`}>
        {plan.text.slice(0, at)}
        <span className="rounded-sm bg-stop-wash text-stop underline decoration-wavy">
          {plan.text.slice(at) || "…"}
        </span>
      </span>
      <span className={`text-sm leading-tight text-stop ${compact ? "truncate" : ""}`}>
        {t("Expected")} {plan.unreadable?.expected}
      </span>
    </>
  );
}
