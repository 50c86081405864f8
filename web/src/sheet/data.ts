// What a sheet is, as the server wrote it into the file.
import type { Schemas } from "../api/client";

export type Sheet = Schemas["HomeSheet"];
export type Day = Schemas["HomeDay"];
export type Move = Schemas["HomeMove"];
export type PlannedSet = Schemas["HomeSet"];

/** The sheet of this file. */
export function ownSheet(): Sheet {
  const text = document.getElementById("data")?.textContent;
  if (!text) throw new Error("this file has no sheet in it");
  return JSON.parse(text) as Sheet;
}

/** A day's own place in the browser, so that two sheets never mix. */
export const placeOf = (sheet: Sheet, day: Day): string => `home-${sheet.id}-${day.week_id}-${day.day_id}`;
