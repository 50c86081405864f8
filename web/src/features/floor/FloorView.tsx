import { ArrowLeft, CloudOff, RefreshCw } from "lucide-react";
import { useEffect, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { Button } from "../../ui/Button";
import { count, minutes } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Waiting } from "../../ui/Waiting";
import { HealthBar, HealthSign } from "./HealthBar";
import { toMind } from "./toMind";
import { WarningSigns } from "../health/WarningSigns";
import { ExerciseStrip } from "./ExerciseStrip";
import { LineHead } from "./LineHead";
import { NoteSheet } from "./NoteSheet";
import { nextSpot, type ShownFloor, type Spot } from "./floorState";
import { RestBar } from "./RestBar";
import { SetPad } from "./SetPad";
import { useFloor } from "./useFloor";
import { useRest } from "./useRest";

/** The floor: one exercise at a time, one tap for a set as planned. */
export function FloorView() {
  const { programId = "", weekId = "", dayId = "" } = useParams();
  const data = useFloor(programId, weekId, dayId);
  if (!data.shown) return <Waiting error={data.floor.error} retry={() => void data.floor.refetch()} />;
  return <Floor key={data.shown.session_id} shown={data.shown} data={data} />;
}

function Floor({ shown, data }: { shown: ShownFloor; data: ReturnType<typeof useFloor> }) {
  const [chosen, setChosen] = useState<Spot | null>(null);
  const [noting, setNoting] = useState(false);
  const [signs, setSigns] = useState(false);
  const [minding, setMinding] = useState(false);
  const mind = toMind(shown.reminder, shown.awaited, shown.cautions);
  const rest = useRest(shown.session_id);
  const navigate = useNavigate();
  const spot = chosen ?? nextSpot(shown);
  const lineIndex = Math.min(spot?.line ?? shown.lines.length - 1, shown.lines.length - 1);
  const line = shown.lines[lineIndex];
  const set = line?.sets.find((entry) => entry.number === spot?.set) ?? line?.sets.at(-1);
  const allDone = nextSpot(shown) === null;

  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && event.target.matches("input, textarea, select")) return;
      const step = event.key === "n" ? 1 : event.key === "p" ? -1 : 0;
      const to = lineIndex + step;
      if (step && shown.lines[to]) setChosen(firstOpen(shown, to));
    };
    window.addEventListener("keydown", keys);
    return () => window.removeEventListener("keydown", keys);
  }, [lineIndex, shown]);

  if (!line || !set) {
    return (
      <div className="p-6">
        <Message>
          Nothing is planned for {shown.day} this week.{" "}
          <Link className="underline" to={`/programs/${shown.program_id}`}>
            Open the program
          </Link>
        </Message>
      </div>
    );
  }
  const finish = async () => {
    await data.finish();
    rest.end();
    void navigate(`/sessions/${shown.session_id}`);
  };
  return (
    <div className="mx-auto flex min-h-dvh max-w-5xl flex-col">
      <header className="flex items-center gap-3 border-b border-line bg-raised px-3 py-2">
        <Link
          to="/"
          aria-label="Back to Today"
          className="grid size-12 place-items-center rounded-md hover:bg-sunk"
        >
          <ArrowLeft aria-hidden />
        </Link>
        <div className="min-w-0">
          <h1 className="truncate text-lg leading-tight font-semibold">{shown.client}</h1>
          <p className="truncate text-sm text-soft">
            {shown.day}, week {shown.week} · about {minutes(shown.estimated_seconds)} of {shown.minutes} min
          </p>
        </div>
        <HealthSign mind={mind} open={minding} toggle={() => setMinding(!minding)} />
        <Connection away={data.away} waiting={data.waiting} />
        <Button className="min-h-12" tone={allDone ? "act" : "plain"} onClick={() => void finish()}>
          Finish
        </Button>
      </header>
      <HealthBar
        mind={mind}
        open={minding}
        toggle={() => setMinding(!minding)}
        clientId={shown.client_id}
        showSigns={() => setSigns(true)}
      />
      <ExerciseStrip shown={shown} at={lineIndex} choose={(to) => setChosen(firstOpen(shown, to))} />
      {data.refused.map((entry) => (
        <Message key={entry.key} tone="stop" className="m-3">
          A {entry.kind} was not taken: {entry.refused}{" "}
          <button type="button" className="min-h-11 underline" onClick={() => data.dismiss(entry.key)}>
            I have read it
          </button>
        </Message>
      ))}
      <main className="flex grow flex-col px-4 pb-3">
        <LineHead
          line={line}
          chosen={set.number}
          choose={(number) => setChosen({ line: lineIndex, set: number })}
          onAdd={() => setChosen({ line: lineIndex, set: line.sets.length + 1 })}
          addingSet={spot?.set === line.sets.length + 1}
        />
        <RestBar rest={rest}>
          {shown.lines[lineIndex + 1] && (
            <p className="text-soft max-sm:hidden">
              Then {shown.lines[lineIndex + 1]?.exercise}, {shown.lines[lineIndex + 1]?.planned}
            </p>
          )}
        </RestBar>
        <SetPad
          key={`${line.line}:${spot?.set ?? set.number}:${set.logged?.id ?? ""}`}
          line={line}
          set={spot?.set === line.sets.length + 1 ? null : set}
          number={spot?.set ?? set.number}
          onLog={(outcome, said) => {
            const target = spot?.set === line.sets.length + 1 ? line.sets.length + 1 : set;
            const correcting = typeof target !== "number" && target.logged !== null;
            const remaining = line.sets.some(
              (s) => s.logged === null && s.number !== (spot?.set ?? set.number),
            );
            void data.logSet(line, target, outcome, said);
            setChosen(outcome === "cleared" ? { line: lineIndex, set: set.number } : null);
            if (outcome === "done" && !correcting) {
              if (remaining) rest.begin(line.rest);
              else rest.end();
            }
          }}
          onNote={() => setNoting(true)}
        />
        {line.notes.length > 0 && (
          <ul className="mt-2 text-soft">
            {line.notes.map((note, index) => (
              <li key={index}>“{note}”</li>
            ))}
          </ul>
        )}
      </main>
      <WarningSigns open={signs} onClose={() => setSigns(false)} />
      <NoteSheet
        open={noting}
        exercise={line.exercise}
        onClose={() => setNoting(false)}
        onKeep={(text, session) => {
          setNoting(false);
          void data.addNote(session ? "" : line.line, text);
        }}
      />
    </div>
  );
}

function firstOpen(shown: ShownFloor, line: number): Spot {
  const sets = shown.lines[line]?.sets ?? [];
  return { line, set: (sets.find((set) => set.logged === null) ?? sets.at(-1))?.number ?? 1 };
}

function Connection({ away, waiting }: { away: boolean; waiting: number }) {
  if (!away && waiting === 0) {
    return (
      <p role="status" className="ml-auto text-sm whitespace-nowrap text-done">
        Saved
      </p>
    );
  }
  return (
    <p role="status" className="ml-auto flex items-center gap-1.5 text-sm font-medium text-caution">
      {away ? <CloudOff size={18} aria-hidden /> : <RefreshCw size={18} aria-hidden />}
      {away ? `Server away, ${count(waiting, "tap")} kept here` : `Saving ${waiting}`}
    </p>
  );
}
