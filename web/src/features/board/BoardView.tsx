import { History, Redo2, Undo2 } from "lucide-react";
import { useEffect, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import type { Schemas } from "../../api/client";
import { freshId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { clock, shortDate } from "../../ui/format";
import { Waiting } from "../../ui/Waiting";
import { AddDay } from "./AddDay";
import { DayRows } from "./DayRows";
import { HistorySheet } from "./HistorySheet";
import { RefusedSheet } from "./RefusedSheet";
import { useBoard } from "./useBoard";
import { VolumePanel } from "./VolumePanel";
import { WeekHeads } from "./WeekHeads";

/** The program board: weeks across, days and exercises down; a prescription is typed into its cell. */
export function BoardView() {
  const { programId = "" } = useParams();
  const [search, setSearch] = useSearchParams();
  const [history, setHistory] = useState(false);
  const [carry, setCarry] = useState(true);
  const { board, refused, saving, save, undo, redo, saveOnTop, takeTheirs } = useBoard(programId);
  const view = board.data;

  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && event.target.matches("input, textarea, select");
      if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z") return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    window.addEventListener("keydown", keys);
    return () => window.removeEventListener("keydown", keys);
  }, [undo, redo]);

  if (!view) return <Waiting error={board.error} retry={() => void board.refetch()} />;
  const now = view.phases.find((phase) => phase.weeks.some((week) => week.is_now));
  const phase = view.phases.find((p) => p.id === search.get("phase")) ?? now ?? view.phases.at(-1);
  if (!phase) return null;
  return (
    <div className="px-4 py-4">
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
        <PhaseTabs view={view} chosen={phase.id} choose={(id) => setSearch({ phase: id })} />
        <Button
          tone="quiet"
          onClick={() => {
            const id = `p${freshId().slice(0, 8)}`;
            save([{ op: "add_phase", phase: id, name: `Phase ${view.phases.length + 1}` }], "Phase added");
            setSearch({ phase: id });
          }}
        >
          Add a phase
        </Button>
        <div className="ml-auto flex items-center gap-2">
          <label className="flex items-center gap-2 text-sm">
            <input type="checkbox" checked={carry} onChange={(event) => setCarry(event.target.checked)} />
            Carry on to weeks that said the same
          </label>
          <Button disabled={!view.revision.undo_to || saving} onClick={undo} aria-label="Undo">
            <Undo2 size={18} aria-hidden />
          </Button>
          <Button disabled={!view.revision.redo_to || saving} onClick={redo} aria-label="Redo">
            <Redo2 size={18} aria-hidden />
          </Button>
          <Button onClick={() => setHistory(true)}>
            <History size={18} aria-hidden /> Logbook
          </Button>
        </div>
      </div>
      {phase.purpose && <p className="mt-2 text-soft">{phase.purpose}</p>}
      <div className="mt-3 overflow-x-auto">
        <table
          className="w-full table-fixed border-collapse"
          style={{ minWidth: `${14 + phase.weeks.length * 13}rem` }}
        >
          <caption className="sr-only">
            {phase.name}: exercises down, weeks across. Arrow keys move, typing replaces a cell.
          </caption>
          <WeekHeads phase={phase} save={save} />
          {phase.days.map((day, index) => (
            <DayRows
              key={day.id}
              view={view}
              phase={phase}
              day={day}
              first={rowOf(phase, index)}
              carry={carry}
              save={save}
            />
          ))}
        </table>
      </div>
      <AddDay phase={phase} save={save} />
      <VolumePanel key={phase.id} phase={phase} />
      <Legend />
      <HistorySheet programId={programId} open={history} onClose={() => setHistory(false)} />
      <RefusedSheet
        refused={refused}
        saveOnTop={() => void saveOnTop()}
        takeTheirs={() => void takeTheirs()}
      />
    </div>
  );
}

/** The grid row at which a day's lines begin. */
const rowOf = (phase: Schemas["PhaseView"], day: number) =>
  phase.days.slice(0, day).reduce((rows, before) => rows + before.lines.length, 0);

function PhaseTabs({
  view,
  chosen,
  choose,
}: {
  view: Schemas["BoardView"];
  chosen: string;
  choose: (id: string) => void;
}) {
  return (
    <div className="flex" role="group" aria-label="Phases">
      {view.phases.map((phase) => (
        <button
          key={phase.id}
          type="button"
          aria-pressed={phase.id === chosen}
          onClick={() => choose(phase.id)}
          className="border border-r-0 border-line-strong/60 px-3 py-1.5 first:rounded-l-md last:rounded-r-md last:border-r aria-pressed:bg-ink aria-pressed:text-ground"
        >
          {phase.name}
          <span className="ml-2 text-sm opacity-75">
            {phase.weeks[0]?.number}–{phase.weeks.at(-1)?.number}
          </span>
        </button>
      ))}
    </div>
  );
}

function Legend() {
  return (
    <p className="mt-6 max-w-3xl text-sm text-soft">
      Each set is a block: as wide as its repetitions, as high as its load is of the client’s estimated
      maximum (the dotted line). Outline is planned, green is done. Type for example{" "}
      <code className="font-sans font-medium text-ink">
        4 x 8-10, 62.5 kg, tempo 3-1-X-0, rest 2:00, leave 2
      </code>{" "}
      or <code className="font-sans font-medium text-ink">3 x 40 s each side, rest 30 s</code>.
    </p>
  );
}
