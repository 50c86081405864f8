// What stands on the testing pad, and the result it comes to. Figures stay text: the server judges them.
import type { Schemas } from "../../api/client";
import { unitOf } from "./results";
import type { Said } from "./useRound";

export interface Draft {
  value: string;
  weight: string;
  reserve: number | null;
  variant: string;
  ended: Schemas["Ended"] | null;
  grade: number | null;
  note: string;
  single: boolean;
  source: string;
}

/** What the pad begins with: the kept result to be corrected, else the variant of last time and nothing measured. */
export function draftOf(test: Schemas["RoundTest"]): Draft {
  const kept = test.result?.result;
  const last = test.last_time?.result;
  return {
    value: kept?.value ? String(Number(kept.value)) : "",
    weight: kept?.load?.value ?? "",
    reserve: kept?.reserve ?? 2,
    variant: kept?.variant ?? last?.variant ?? test.item.variants.at(-1) ?? "",
    ended: kept?.ended ?? null,
    grade: kept?.grade ?? null,
    note: kept?.note ?? "",
    single: false,
    source: "typed",
  };
}

const plain = (text: string) => text.trim().replace(",", ".").replace("−", "-");

/** The figure as it would be sent: what the stopwatch ran, else what was typed or tapped. */
export const figureOf = (draft: Draft, ran: number): string =>
  ran > 0 ? ran.toFixed(1) : plain(draft.value);

export function isEnough(item: Schemas["TestItem"], draft: Draft, ran: number): boolean {
  const weight = draft.weight.trim() !== "";
  if (item.kind === "body weight") return weight;
  return figureOf(draft, ran) !== "" && (item.kind !== "load for reps" || weight);
}

export function saidOf(item: Schemas["TestItem"], draft: Draft, ran: number, unit: Schemas["Unit"]): Said {
  const weighed = item.kind === "body weight";
  const loaded = item.kind === "load for reps";
  return {
    value: weighed ? null : figureOf(draft, ran),
    load: weighed || loaded ? { value: plain(draft.weight), unit } : null,
    variant: item.variants.length ? draft.variant : "",
    reserve: loaded ? draft.reserve : null,
    ended: draft.ended,
    grade: item.kind === "quality grade" ? null : draft.grade,
    note: draft.note,
    source: weighed ? draft.source : "typed",
    single: draft.single,
  };
}

/** The result on the button that keeps it. */
export function wordsOf(item: Schemas["TestItem"], draft: Draft, ran: number, unit: Schemas["Unit"]): string {
  if (item.kind === "body weight") return `${draft.weight} ${unit}`;
  if (item.kind === "load for reps") return `${draft.weight} ${unit} × ${figureOf(draft, ran)}`;
  return `${figureOf(draft, ran)} ${unitOf(item)}`;
}
