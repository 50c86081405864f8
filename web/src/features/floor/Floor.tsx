import { t } from "../../ui/words";
import { actionOf, isTyping } from "../../app/keys/shortcuts";
import { inWords } from "../../outbox/words";
import { NOWHERE } from "../../api/ids";
import { Ellipsis } from "lucide-react";
import { useEffect, useState } from "react";
import { useKept } from "../../ui/fields/useKept";
import { Link, useNavigate } from "react-router";
import { type Schemas } from "../../api/client";
import { count, countdown } from "../../ui/format";
import { Message } from "../../ui/Message";
import { SignsToStop, useSignsAtHand } from "../health/SignsToStop";
import { BesidePanel } from "./BesidePanel";
import { BeforePanel } from "./before/BeforePanel";
import { ExerciseStrip } from "./line/ExerciseStrip";
import { FloorHeader } from "./FloorHeader";
import { firstOpen, nextSpot, openSets, setsOf, type ShownFloor, type Spot } from "./floorState";
import { HealthBar, HealthSign } from "./bars/HealthBar";
import type { Hurt } from "./pad/Hurts";
import { useFloorKeys, usePane } from "./pane";
import { PicturePanel } from "./line/LinePicture";
import { SetArea } from "./line/SetArea";
import { CalmPath } from "./today/CalmPath";
import { ChangePanel } from "./today/ChangePanel";
import { ChangesList } from "./today/ChangesList";
import { FinishPanel } from "./today/FinishPanel";
import { MorePanel } from "./today/MorePanel";
import { NotePanel } from "./today/NotePanel";
import { Panel } from "./today/Panel";
import { toMind } from "./toMind";
import { useAwake } from "./bars/useAwake";
import type { FloorData } from "./useFloor";
import { useRest } from "./bars/useRest";
import { isClockKept } from "./clock/useClock";
import { useSessionClock } from "./clock/useSessionClock";
import { useDevices } from "./bars/useDevices";
import { sharedPart } from "./shared/sharedPart";
import { useSharing } from "./shared/useSharing";
import { steadyNow } from "./clock/steady";

type Asked =
  | "before"
  | "finish"
  | "beside"
  | "adjust"
  | "change"
  | "changes"
  | "more"
  | "note"
  | "picture"
  | { line: number; hurt: Hurt }
  | null;

/** One session on the floor: the set at hand, or what was asked for in its place. */
export function Floor({
  shown,
  data,
  settings,
}: {
  shown: ShownFloor;
  data: FloorData;
  settings: Schemas["Settings"];
}) {
  useAwake();
  useSignsAtHand();
  const navigate = useNavigate();
  const fresh = shown.started_at === null && data.waiting === 0;
  // A page loaded again goes on where it was: on the pain path, at a note, with a clock that runs.
  const [asked, setAsked] = useKept<Asked>(`floor ${shown.session_id}`, () =>
    fresh && !isClockKept(shown.session_id) && (settings.ask_readiness || shown.for_today.length > 0)
      ? "before"
      : null,
  );
  const [chosen, setChosen] = useKept<Spot | null>(`at ${shown.session_id}`, null);
  const [signs, setSigns] = useState(false);
  const [minding, setMinding] = useState(false);
  const spoken = { language: shown.language, sentences: shown.call_words };
  const rest = useRest(shown.session_id, settings.calls, spoken);
  const devices = useDevices(shown.session_id, settings, (set, measured) => {
    void data.keepMeasure({ ...measured, line: set.line, number: set.number });
  });
  const clock = useSessionClock(shown, data, settings.calls, devices);
  const mind = toMind(shown.reminder, shown.awaited, shown.cautions);

  const onClock = clock.controls.running && !chosen ? clock.controls.running : null;
  const clockLine = onClock?.timeline.steps[onClock.run.step]?.line;
  const next = nextSpot(shown);
  const last = shown.lines.length - 1;
  const spot: Spot | null = onClock
    ? {
        line: shown.lines.findIndex((one) => one.line === clockLine),
        set: onClock.timeline.steps[onClock.run.step]?.number ?? 1,
        ramp: false,
      }
    : (chosen ?? next ?? (last >= 0 ? firstOpen(shown, last) : null));
  const lineIndex = Math.max(0, Math.min(spot?.line ?? 0, last));
  const line = shown.lines[lineIndex];
  const done = () => setAsked(null);
  // The signs take the place of whatever was asked for, and give it back.
  const over = signs ? "signs" : asked;
  useSharing(shown.session_id, sharedPart(shown, line, spot, onClock, rest.until, steadyNow()));

  useFloorKeys((event) => {
    const wanted = over || isTyping(event) ? null : actionOf("floor", event);
    const step = wanted === "next" ? 1 : wanted === "previous" ? -1 : 0;
    if (step && shown.lines[lineIndex + step]) setChosen(firstOpen(shown, lineIndex + step));
  });
  const pane = usePane();
  const { report } = pane;
  const Part = pane.beside ? "div" : "main";
  const words = onClock
    ? `clock: ${onClock.timeline.steps[onClock.run.step]?.title}`
    : rest.left !== null
      ? rest.left > 0
        ? t("rests {{left}}", { left: countdown(rest.left) })
        : "rested"
      : line && next
        ? `${line.exercise}, set ${spot?.set}`
        : t("all logged");
  const waits = next !== null && !onClock;
  useEffect(() => report(shown.client, words, waits), [report, shown.client, words, waits]);

  if (!line || !spot) {
    return (
      <div className="p-6">
        <Message>
          {t("Nothing is planned for {{day}} this week.", { day: shown.day })}{" "}
          <Link className="underline" to={`/programs/${shown.program_id}`}>
            {t("Open the program")}
          </Link>
        </Message>
      </div>
    );
  }
  const finish = async (note?: string) => {
    if (note) await data.addNote(NOWHERE, note);
    clock.controls.end();
    rest.end();
    await data.finish();
    setAsked(null);
    setSigns(false);
    setChosen(null);
    void navigate(pane.afterwards(shown.session_id));
  };
  const standing = shown.changes.filter((change) => !change.undone);
  return (
    <div className={`@container mx-auto flex max-w-5xl flex-col ${pane.beside ? "min-h-full" : "min-h-dvh"}`}>
      <FloorHeader
        shown={shown}
        away={data.away}
        waiting={data.waiting}
        refused={data.refused.length}
        allDone={next === null}
        onFinish={() => {
          if (shown.finished_at) void navigate(pane.afterwards(shown.session_id));
          else if (openSets(shown).length) setAsked("finish");
          else void finish();
        }}
        sign={<HealthSign mind={mind} open={minding} toggle={() => setMinding(!minding)} />}
        menu={
          <button
            type="button"
            aria-label={t("More")}
            aria-expanded={asked === "more"}
            onClick={() => setAsked(asked === "more" ? null : "more")}
            className="grid size-12 shrink-0 place-items-center rounded-md hover:bg-sunk aria-expanded:bg-sunk"
          >
            <Ellipsis aria-hidden />
          </button>
        }
      />
      <HealthBar
        mind={mind}
        open={minding}
        toggle={() => setMinding(!minding)}
        clientId={shown.client_id}
        showSigns={() => setSigns(true)}
      />
      {over === null && (
        <>
          <ExerciseStrip shown={shown} at={lineIndex} choose={(to) => setChosen(firstOpen(shown, to))} />
          {(standing.length > 0 || shown.changing > 0) && (
            <button
              type="button"
              onClick={() => setAsked("changes")}
              className="flex min-h-12 items-center gap-2 border-b border-line px-4 text-left text-soft hover:bg-sunk"
            >
              {shown.changing > 0
                ? t("{{changes}} on the way to the server", { changes: count(shown.changing, "change") })
                : t("{{changes}} for today", { changes: count(standing.length, "change") })}
              <span className="underline">{t("look")}</span>
            </button>
          )}
        </>
      )}
      {data.refused.map((entry) => (
        <Message key={entry.key} tone="stop" className="m-3">
          {t("{{entry}} was not taken:", { entry: inWords(entry) })} {entry.refused}{" "}
          <button type="button" className="min-h-12 underline" onClick={() => data.dismiss(entry.key)}>
            {t("I have read it")}
          </button>
        </Message>
      ))}
      <Part {...(pane.beside ? {} : { id: "main" })} className="flex grow flex-col">
        {(over === "before" || over === "adjust") && (
          <BeforePanel
            shown={shown}
            data={data}
            ask={settings.ask_readiness}
            begun={over === "adjust"}
            onDone={done}
          />
        )}
        {over === "change" && (
          <ChangePanel
            shown={shown}
            line={line}
            data={data}
            onDone={done}
            onAdjust={() => setAsked("adjust")}
          />
        )}
        {over === "changes" && (
          <Panel title={t("Changed for today")} back={t("Back to the set")} onBack={done}>
            <p className="mt-1 mb-3 text-soft">
              {shown.changes.length
                ? t("The program itself stays as it was written.")
                : t("Nothing was changed: the session runs as it was written.")}
            </p>
            <ChangesList shown={shown} undo={(id) => void data.undo(id)} />
          </Panel>
        )}
        {over === "finish" && <FinishPanel shown={shown} onFinish={() => void finish()} onBack={done} />}
        {over === "signs" && (
          <Panel
            title={t("Stop the session at any of these")}
            back={asked === null ? t("Back to the set") : t("Back")}
            onBack={() => setSigns(false)}
          >
            <div className="mt-3">
              <SignsToStop onEnd={() => void finish(t("Ended early: a warning sign."))} />
            </div>
          </Panel>
        )}
        {over === "picture" && <PicturePanel line={line} onDone={done} />}
        {over === "more" && (
          <MorePanel
            shown={shown}
            settings={settings}
            open={setAsked}
            showSigns={() => setSigns(true)}
            onDone={done}
          />
        )}
        {over === "beside" && <BesidePanel shown={shown} onDone={done} />}
        {over === "note" && (
          <NotePanel
            exercise={line.exercise}
            place={`${shown.session_id} ${line.line}`}
            always={line.always}
            onDone={done}
            onKeep={(text, on) => {
              if (on === "always") void data.noteExercise(line, text);
              else void data.addNote(on === "exercise" ? line.line : NOWHERE, text, on === "next");
              done();
            }}
          />
        )}
        {over !== null && typeof over === "object" && (
          <CalmPath
            shown={shown}
            line={shown.lines[over.line] ?? line}
            hurt={over.hurt}
            data={data}
            onDone={done}
            showSigns={() => setSigns(true)}
          />
        )}
        {over === null && (
          <SetArea
            shown={shown}
            data={data}
            line={line}
            spot={{ ...spot, line: lineIndex }}
            set={setsOf(line, spot.ramp).find((one) => one.number === spot.set)}
            choose={setChosen}
            rest={rest}
            clock={clock}
            onClock={onClock !== null}
            devices={devices}
            calls={settings.calls}
            ask={setAsked}
          />
        )}
      </Part>
    </div>
  );
}
