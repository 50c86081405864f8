// The rest countdown: an end in time, kept in the browser, so that a reload goes on at the right second. It calls the last
// ten seconds and counts down, each call aimed at its own moment.
import { keepText, keptText } from "../../../access/kept";
import { t } from "../../../ui/words";
import { useEffect, useRef, useState } from "react";
import type { Schemas } from "../../../api/client";
import { play, speak } from "../clock/sound";
import { steadyNow } from "../clock/steady";

interface Rest {
  until: number;
  length: number;
}
const TICK = 200;
const FORGOTTEN = -60;

/** Seconds before the end at which something is called, and how. The longest rests alone have the first of them. */
const CALLS: readonly (readonly [number, string, Schemas["Sound"]])[] = [
  [10, t("Ten seconds"), "mark"],
  [3, "3", "tick"],
  [2, "2", "tick"],
  [1, "1", "tick"],
  [0, "Go", "go"],
];

/** The language of the calls, and its sentences by their English. */
export interface Spoken {
  language: string;
  sentences: Readonly<Record<string, string>>;
}

const ENGLISH: Spoken = { language: "en", sentences: {} };

export function useRest(session: string, calls: Schemas["Calls"], spoken: Spoken = ENGLISH) {
  const place = `rest-${session}`;
  const [rest, setRest] = useState<Rest | null>(() => {
    const kept = session && keptText(place);
    return kept ? (JSON.parse(kept) as Rest) : null;
  });
  const [now, setNow] = useState(steadyNow);
  const wanted = useRef({ calls, spoken });
  useEffect(() => {
    wanted.current = { calls, spoken };
  });
  useEffect(() => {
    if (!rest) return;
    const redraw = setInterval(() => setNow(steadyNow()), TICK);
    const timers = CALLS.flatMap(([before, say, sound]) => {
      const wait = rest.until - before * 1000 - steadyNow();
      // What lies behind is not called again after a reload, and a short rest has no ten seconds to call.
      if (wait < 0 || (before > 0 && before >= rest.length - 5)) return [];
      return [
        setTimeout(() => {
          const { calls: how, spoken: tongue } = wanted.current;
          if (how === "silent") return;
          play(sound);
          if (how === "sounds and speech") speak(tongue.sentences[say] ?? say, tongue.language);
        }, wait),
      ];
    });
    return () => {
      clearInterval(redraw);
      timers.forEach(clearTimeout);
    };
  }, [rest]);
  const keep = (next: Rest | null) => {
    keepText(place, next && JSON.stringify(next));
    setNow(steadyNow());
    setRest(next);
  };
  const left = rest ? (rest.until - now) / 1000 : 0;
  return {
    /** Seconds left; null when nobody rests, below zero when the rest has run over. */
    left: rest && left > FORGOTTEN ? left : null,
    /** When it is over, milliseconds of the steady clock. */
    until: rest?.until ?? null,
    share: rest ? Math.max(0, Math.min(1, left / rest.length)) : 0,
    begin: (seconds: number) =>
      keep(seconds > 0 ? { until: steadyNow() + seconds * 1000, length: seconds } : null),
    longer: (seconds: number) =>
      rest && keep({ until: rest.until + seconds * 1000, length: rest.length + seconds }),
    end: () => keep(null),
  };
}
