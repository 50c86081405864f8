// The rest countdown: an end in time, kept in the browser, so that a reload goes on at the right second.
import { useEffect, useState } from "react";

interface Rest {
  until: number;
  length: number;
}

const TICK = 200;

export function useRest(session: string) {
  const place = `rest-${session}`;
  const [rest, setRest] = useState<Rest | null>(() => {
    const kept = session && localStorage.getItem(place);
    return kept ? (JSON.parse(kept) as Rest) : null;
  });
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!rest) return;
    const timer = setInterval(() => setNow(Date.now()), TICK);
    return () => clearInterval(timer);
  }, [rest]);
  const keep = (next: Rest | null) => {
    if (next) localStorage.setItem(place, JSON.stringify(next));
    else localStorage.removeItem(place);
    setNow(Date.now());
    setRest(next);
  };
  const left = rest ? (rest.until - now) / 1000 : 0;
  const over = Boolean(rest) && left <= 0;
  useEffect(() => {
    if (over) chime();
  }, [over]);
  return {
    /** Seconds left; null when nobody rests, below zero when the rest has run over. */
    left: rest && left > -60 ? left : null,
    share: rest ? Math.max(0, Math.min(1, left / rest.length)) : 0,
    begin: (seconds: number) =>
      keep(seconds > 0 ? { until: Date.now() + seconds * 1000, length: seconds } : null),
    longer: (seconds: number) =>
      rest && keep({ until: rest.until + seconds * 1000, length: rest.length + seconds }),
    end: () => keep(null),
  };
}

/** Two short tones. A browser that will not play them is left in peace. */
function chime(): void {
  try {
    const audio = new AudioContext();
    for (const [at, pitch] of [
      [0, 660],
      [0.18, 880],
    ] as const) {
      const tone = audio.createOscillator();
      const loudness = audio.createGain();
      loudness.gain.value = 0.15;
      tone.frequency.value = pitch;
      tone.connect(loudness).connect(audio.destination);
      tone.start(audio.currentTime + at);
      tone.stop(audio.currentTime + at + 0.14);
    }
  } catch {
    // No sound here; the countdown is still on the screen.
  }
}
