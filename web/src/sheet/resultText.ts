// What goes back to the trainer, as a short text: see docs/formats.md. The mark is made with the sheet's own key.
import { hmac } from "@noble/hashes/hmac.js";
import { sha256 } from "@noble/hashes/sha2.js";
import type { Day, Sheet } from "./data";
import type { DayLog } from "./dayLog";

const RAMP = 1;
const DONE = 2;
const HURT = 4;
const BY_CLOCK = 8;
const MARK_BYTES = 9;
const NOTE = 500;

const utf8 = (text: string): Uint8Array => new TextEncoder().encode(text);

function base64(bytes: Uint8Array): string {
  let text = "";
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text).replaceAll("+", "-").replaceAll("/", "_").replaceAll("=", "");
}

const fromHex = (hex: string): Uint8Array =>
  Uint8Array.from(hex.match(/../g) ?? [], (byte) => Number.parseInt(byte, 16));

const seconds = (ms: number): number => Math.floor(ms / 1000);

/** The text for a day; `now` stands for an end that was not said. */
export function resultText(sheet: Sheet, day: Day, log: DayLog, now: number): string {
  const begun = log.begun ?? now;
  const rows = Object.entries(log.rows)
    .sort(([, a], [, b]) => a.at - b.at)
    .map(([key, said]) => {
      const [move, number, ramp] = key.split(":").map(Number);
      const marks =
        (ramp ? RAMP : 0) | (said.done ? DONE : 0) | (said.hurt ? HURT : 0) | (said.byClock ? BY_CLOCK : 0);
      const at = Math.max(0, seconds(said.at - begun));
      return [move, number, marks, said.reps, said.seconds, said.load, said.reserve, at].join(",");
    });
  const what = {
    s: sheet.id,
    r: log.run,
    w: day.week_id,
    d: day.day_id,
    b: seconds(begun),
    e: seconds(Math.max(log.ended ?? now, begun)),
    f: log.effort,
    t: log.note.trim().slice(0, NOTE),
    x: rows.join(";"),
  };
  const head = `UA1.${base64(utf8(JSON.stringify(what)))}`;
  return `${head}.${base64(hmac(sha256, fromHex(sheet.key), utf8(head)).slice(0, MARK_BYTES))}`;
}
