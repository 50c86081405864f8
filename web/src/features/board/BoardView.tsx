import { actionOf, isTyping } from "../../app/shortcuts";
import { Tick } from "../../ui/Tick";
import { query } from "../../api/query";
import { useAddress } from "../../app/useAddress";
import { CalendarDays, ClipboardPaste, History, PencilLine, Redo2, Telescope, Undo2 } from "lucide-react";
import { useCallback, useEffect, useRef, useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { type Schemas } from "../../api/client";
import { freshId, NOWHERE, type LineId, type ProgramId, type WeekId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { clock, shortDate } from "../../ui/format";
import { Roving } from "../../ui/Roving";
import { Waiting } from "../../ui/Waiting";
import { BoardSheets } from "./BoardSheets";
import { ChosenBar } from "./ChosenBar";
import type { Command } from "./runCommand";
import type { Opened } from "./opened";
import { Dock } from "./Dock";
import { HistorySheet } from "./HistorySheet";
import { PasteSheet } from "./PasteSheet";
import { PhaseTabs } from "./PhaseTabs";
import { ProgramSheet } from "./ProgramSheet";
import { linesBefore, PhaseTable } from "./PhaseTable";
import { RefusedSheet } from "./RefusedSheet";
import { runCommand } from "./runCommand";
import { useBoard } from "./useBoard";

const NONE: ReadonlySet<LineId> = new Set();

/** The program board: weeks across, days and exercises down; a prescription is typed into its cell. */
export function BoardView() {
  const { programId } = useAddress();
  const [search, setSearch] = useSearchParams();
  const [history, setHistory] = useState(false);
  const [pasting, setPasting] = useState(false);
  const [about, setAbout] = useState(false);
  const [opening] = useState(() => Date.now());
  const [carry, setCarry] = useState(true);
  const [first, setFirst] = useState(false);
  const [chosen, setChosen] = useState<ReadonlySet<LineId>>(NONE);
  const [opened, setOpened] = useState<Opened & { fill?: { lines: LineId[]; week: WeekId } }>({});
  const {
    board,
    refused,
    saving,
    save,
    fill,
    undo,
    redo,
    restore,
    addTemplate,
    addTemplateDay,
    saveOnTop,
    takeTheirs,
  } = useBoard(programId);
  const view = board.data;
  const written = useFirstWritten(programId, first);

  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const asked = isTyping(event) ? null : actionOf("board", event);
      if (asked === "choose none") setChosen(NONE);
      if (asked !== "undo" && asked !== "redo") return;
      event.preventDefault();
      if (asked === "redo") redo();
      else undo();
    };
    window.addEventListener("keydown", pressed);
    return () => window.removeEventListener("keydown", pressed);
  }, [undo, redo]);

  const choose = useCallback((line: LineId) => {
    setChosen((before) => {
      const next = new Set(before);
      if (!next.delete(line)) next.add(line);
      return next;
    });
  }, []);
  const open = useCallback((what: Opened) => setOpened(what), []);
  const latest = useRef({ view, chosen });
  useEffect(() => {
    latest.current = { view, chosen };
  }, [view, chosen]);
  const command = useCallback(
    (what: Command, line: LineId, week: WeekId) => {
      const { view: board, chosen: lines } = latest.current;
      if (board) runCommand(what, line, week, board, lines, { save, fill, choose, setOpened });
    },
    [save, fill, choose],
  );

  if (!view) return <Waiting shape="board" error={board.error} retry={() => void board.refetch()} />;
  const now = view.phases.find((phase) => phase.weeks.some((week) => week.is_now));
  const all = search.get("phase") === "all";
  // What has not begun opens at its beginning, what is over at its end.
  const begun = Date.parse(view.phases[0]?.weeks[0]?.monday ?? "") <= opening;
  const phase =
    view.phases.find((p) => p.id === search.get("phase")) ?? now ?? view.phases.at(begun ? -1 : 0);
  if (!phase) return null;
  const shown = all ? view.phases : [phase];
  return (
    <div data-board className="px-4 py-4">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h1 className="text-2xl font-semibold tracking-tight">
          {view.name} <span className="font-normal text-soft">for</span>{" "}
          <Link to={`/clients/${view.client_id}`} className="hover:underline">
            {view.client}
          </Link>
        </h1>
        <p className="ml-auto text-sm text-soft" aria-live="polite">
          {saving
            ? "Saving …"
            : `Revision ${view.revision.number}, ${shortDate(view.revision.at)} ${clock(view.revision.at)}`}
        </p>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <PhaseTabs
          view={view}
          chosen={all ? null : phase.id}
          choose={(id) => setSearch({ phase: id })}
          add={() => {
            const id = `p${freshId().slice(0, 8)}`;
            save([{ op: "add_phase", phase: id, name: `Phase ${view.phases.length + 1}` }], "Phase added");
            setSearch({ phase: id });
          }}
          addTemplate={(template) => {
            addTemplate(template);
            setSearch({});
          }}
        />
        <Roving label="Program tools" className="ml-auto flex flex-wrap items-center gap-x-3 gap-y-2">
          <Tick
            checked={carry}
            set={setCarry}
            className="text-sm"
            title="What is typed carries on into the following weeks that said the same"
          >
            Carry on
          </Tick>
          <Tick checked={first} set={setFirst} className="text-sm">
            As first written
          </Tick>
          <Button disabled={!view.revision.undo_to || saving} onClick={undo} aria-label="Undo">
            <Undo2 size={18} aria-hidden />
          </Button>
          <Button disabled={!view.revision.redo_to || saving} onClick={redo} aria-label="Redo">
            <Redo2 size={18} aria-hidden />
          </Button>
          <Link
            to={`/programs/${programId}/ahead`}
            className="inline-flex min-h-9 items-center gap-2 rounded-md border border-line-strong bg-raised px-3 hover:border-ink"
          >
            <Telescope size={18} aria-hidden /> Ahead
          </Link>
          <Link
            to={`/programs/${programId}/calendar`}
            className="inline-flex min-h-9 items-center gap-2 rounded-md border border-line-strong bg-raised px-3 hover:border-ink"
          >
            <CalendarDays size={18} aria-hidden /> Calendar
          </Link>
          <Button onClick={() => setAbout(true)}>
            <PencilLine size={18} aria-hidden /> About
          </Button>
          <Button onClick={() => setPasting(true)}>
            <ClipboardPaste size={18} aria-hidden /> Paste
          </Button>
          <Button onClick={() => setHistory(true)}>
            <History size={18} aria-hidden /> Logbook
          </Button>
        </Roving>
      </div>
      <div className="mt-1 grid gap-x-5 lg:grid-cols-[minmax(0,1fr)_19rem]">
        <div className="min-w-0">
          {shown.map((one) => (
            <section key={one.id} aria-label={one.name}>
              {all && <h2 className="mt-4 text-lg font-semibold">{one.name}</h2>}
              <PhaseTable
                addTemplateDay={addTemplateDay}
                view={view}
                phase={one}
                row={all ? rowsBefore(view, one) : 0}
                carry={carry}
                chosen={chosen}
                firstWritten={written}
                choose={choose}
                open={open}
                command={command}
                save={save}
              />
            </section>
          ))}
          <Legend />
        </div>
        <Dock
          view={view}
          phase={phase}
          save={save}
          show={(line) =>
            document.querySelector<HTMLElement>(`[data-line="${line}"]`)?.scrollIntoView({ block: "center" })
          }
        />
      </div>
      <ChosenBar
        phase={phase}
        chosen={chosen}
        clear={() => setChosen(NONE)}
        fill={() => setOpened({ fill: { lines: [...chosen], week: phase.weeks[0]?.id ?? NOWHERE } })}
        save={save}
      />
      <BoardSheets view={view} opened={opened} close={() => setOpened({})} save={save} fill={fill} />
      {pasting && <PasteSheet view={view} phase={phase} onClose={() => setPasting(false)} />}
      {about && <ProgramSheet view={view} save={save} onClose={() => setAbout(false)} />}
      <HistorySheet
        programId={programId}
        open={history}
        onClose={() => setHistory(false)}
        restore={restore}
      />
      <RefusedSheet
        refused={refused}
        saveOnTop={() => void saveOnTop()}
        takeTheirs={() => void takeTheirs()}
      />
    </div>
  );
}

/** What every cell said when the program was first written, by line and week; null where that is not shown. */
function useFirstWritten(programId: ProgramId, shown: boolean): ReadonlyMap<string, string> | null {
  const found = useQuery({
    ...query.asItWas(programId, 1),

    enabled: shown,

    select: textsOf,
  });
  return shown ? (found.data ?? null) : null;
}

function textsOf(view: Schemas["BoardView"]): ReadonlyMap<string, string> {
  const texts = new Map<string, string>();
  for (const phase of view.phases)
    for (const day of phase.days)
      for (const group of day.groups)
        for (const line of group.lines)
          line.cells.forEach((cell, n) =>
            texts.set(`${line.id} ${phase.weeks[n]?.id ?? ""}`, cell.plan.text),
          );
  return texts;
}

const rowsBefore = (view: Schemas["BoardView"], phase: Schemas["PhaseView"]) =>
  view.phases.slice(0, view.phases.indexOf(phase)).reduce((rows, one) => rows + linesBefore(one), 0);

function Legend() {
  return (
    <p data-no-print className="mt-2 max-w-3xl text-sm text-soft">
      Each set is a block: as wide as its repetitions, as high as its load is of the client’s estimated
      maximum (the dotted line). Outline is planned, green is done. Type for example{" "}
      <code className="font-sans font-medium text-ink">
        4 x 8-10, 62.5 kg, tempo 3-1-X-0, rest 2:00, leave 2
      </code>{" "}
      or <code className="font-sans font-medium text-ink">12/10/8/max, 16/18/20/22 kg</code>. All keys stand
      under <kbd>?</kbd>.
    </p>
  );
}
