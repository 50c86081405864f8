// A window to be shared over a call: the client's part alone, large. It follows the floor that is open beside it.
import { t } from "../../../ui/words";
import { useEffect, useState } from "react";
import { useAddress } from "../../../app/useAddress";
import { countdown } from "../../../ui/format";
import { Waiting } from "../../../ui/Waiting";
import { steadyNow } from "../clock/steady";
import { useAwake } from "../bars/useAwake";
import { useFloor } from "../useFloor";
import { mirrored, type SharedPart } from "./sharedPart";
import { useHeard } from "./useSharing";

const REDRAW = 200;

export function SharedView() {
  const { programId, weekId, dayId } = useAddress();
  const { shown, floor } = useFloor(programId, weekId, dayId);
  if (!shown) return <Waiting shape="floor" error={floor.error} retry={() => void floor.refetch()} />;
  return <Shared session={shown.session_id} day={shown.day} />;
}

function Shared({ session, day }: { session: string; day: string }) {
  useAwake();
  const part = useHeard(session);
  const [now, setNow] = useState(steadyNow);
  const [mirror, setMirror] = useState(false);
  useEffect(() => {
    const redraw = setInterval(() => setNow(steadyNow()), REDRAW);
    return () => clearInterval(redraw);
  }, []);
  const say = (words: string) => (mirror ? mirrored(words) : words);
  return (
    <div className="flex min-h-dvh flex-col px-8 py-6">
      <main id="main" className="flex grow flex-col">
        {part ? (
          <Part part={part} now={now} say={say} />
        ) : (
          <>
            <h1 className="text-5xl font-semibold">{day}</h1>
            <p className="mt-3 text-2xl text-soft">
              {t("Open the floor of this session in another window of this browser: this one follows it.")}
            </p>
          </>
        )}
      </main>
      <footer className="pt-3">
        <button
          type="button"
          aria-pressed={mirror}
          className="min-h-12 rounded-md border border-line-strong bg-raised px-4 aria-pressed:bg-ink aria-pressed:text-ground"
          onClick={() => setMirror(!mirror)}
        >
          {t("Mirror left and right")}
        </button>
      </footer>
    </div>
  );
}

function Part({ part, now, say }: { part: SharedPart; now: number; say: (words: string) => string }) {
  const time =
    part.held ??
    (part.until !== null
      ? Math.max(0, Math.ceil((part.until - now) / 1000))
      : part.since !== null
        ? Math.floor((now - part.since) / 1000)
        : null);
  if (part.phase === "done")
    return <h1 className="m-auto text-6xl font-semibold">{t("That was it. Well done.")}</h1>;
  return (
    <>
      <p className={`text-2xl font-semibold ${part.phase === "work" ? "text-ember" : "text-soft"}`}>
        {part.held !== null
          ? t("Paused")
          : part.phase === "rest"
            ? t("Rest")
            : part.phase === "work"
              ? t("Work")
              : t("Now")}
      </p>
      <h1 className="text-6xl leading-tight font-semibold lg:text-7xl">{say(part.title)}</h1>
      <p className="mt-2 text-3xl">{say(part.detail)}</p>
      {time !== null && (
        <p
          role="timer"
          className="grow py-4 text-center text-[9rem] leading-none font-semibold lg:text-[15rem]"
        >
          {countdown(time)}
        </p>
      )}
      {part.cues.length > 0 && (
        <ul className={`mt-6 grid gap-2 text-3xl lg:text-4xl ${time === null ? "grow content-start" : ""}`}>
          {part.cues.map((cue) => (
            <li key={cue}>{say(cue)}</li>
          ))}
        </ul>
      )}
      {part.next && <p className="mt-6 text-2xl text-soft">{t("Then {{next}}", { next: say(part.next) })}</p>}
    </>
  );
}
