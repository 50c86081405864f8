// What is heard: short tones for calls, and speech where the trainer wants it. A browser that will not is left in peace.
import type { Schemas } from "../../../api/client";

type Sound = Schemas["Sound"];

/** Each sound as tones: after so many seconds, at a pitch in hertz, for so long. */
const tones: Record<Sound, readonly (readonly [number, number, number])[]> = {
  none: [],
  tick: [[0, 880, 0.08]],
  go: [
    [0, 660, 0.14],
    [0.18, 990, 0.3],
  ],
  stop: [
    [0, 660, 0.14],
    [0.18, 440, 0.3],
  ],
  mark: [
    [0, 740, 0.1],
    [0.14, 740, 0.1],
  ],
};

let audio: AudioContext | null = null;

/** Wakes the sound; browsers want a tap for it. */
export function wakeSound(): void {
  try {
    audio ??= new AudioContext();
    if (audio.state === "suspended") void audio.resume();
  } catch {
    audio = null;
  }
}

export function play(sound: Sound): void {
  wakeSound();
  if (!audio || audio.state !== "running") return;
  for (const [after, pitch, length] of tones[sound]) {
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    const from = audio.currentTime + after;
    tone.frequency.value = pitch;
    loudness.gain.setValueAtTime(0.2, from);
    loudness.gain.exponentialRampToValueAtTime(0.001, from + length);
    tone.connect(loudness).connect(audio.destination);
    tone.start(from);
    tone.stop(from + length);
  }
}

/** Says words aloud, by a voice of their language where the device has one. */
export function speak(words: string, language = "en"): void {
  if (!("speechSynthesis" in window)) return;
  const said = new SpeechSynthesisUtterance(words);
  said.lang = language;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(said);
}

/** A call as the trainer wants to hear it. */
export function call(made: Schemas["Call"], wanted: Schemas["Calls"], language = "en"): void {
  if (wanted === "silent") return;
  play(made.sound);
  if (wanted === "sounds and speech") speak(made.say, language);
}
