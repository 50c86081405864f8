// The beats of a line's tempo, repetition after repetition, each aimed at its own moment.
import { useEffect, useRef, useState } from "react";
import type { Schemas } from "../../../api/client";
import { play, speak } from "../clock/sound";
import { steadyNow } from "../clock/steady";

interface Beating {
  rep: number;
  say: string;
}

/** The repetition and phase that is on; null while it is off. */
export function useMetronome(
  metronome: Schemas["Metronome"] | null,
  calls: Schemas["Calls"],
  language = "en",
) {
  const [since, setSince] = useState<number | null>(null);
  const [beat, setBeat] = useState<Beating | null>(null);
  const made = useRef(-1);
  useEffect(() => {
    if (since === null || !metronome) return;
    const { beats, rep_seconds: repSeconds } = metronome;
    let timer: ReturnType<typeof setTimeout>;
    const wake = () => {
      const into = (steadyNow() - since) / 1000;
      const rep = Math.floor(into / repSeconds);
      const within = into - rep * repSeconds;
      const index = beats.findLastIndex((one) => one.at <= within);
      const one = beats[index];
      const number = rep * beats.length + index;
      if (one && number !== made.current) {
        made.current = number;
        setBeat({ rep: rep + 1, say: one.say });
        if (calls !== "silent") play(index === 0 ? "mark" : "tick");
        if (calls === "sounds and speech") speak(index === 0 ? `${rep + 1}` : one.say, language);
      }
      const next = beats[index + 1]?.at ?? repSeconds;
      timer = setTimeout(wake, Math.max(5, (next - within) * 1000));
    };
    timer = setTimeout(wake, 0);
    return () => clearTimeout(timer);
  }, [since, metronome, calls, language]);
  return {
    beat: since === null ? null : beat,
    toggle: () => {
      made.current = -1;
      setBeat(null);
      setSince(since === null ? steadyNow() : null);
    },
    stop: () => setSince(null),
  };
}
