// Writing results and changes; figures are worked out by the server.
import { t } from "../../ui/words";
import type { Schemas } from "../../api/client";
import { load } from "../../ui/format";

export const sideName = (side: Schemas["Side"] | null) => (side ? `, ${side}` : "");

/** A result as it was entered: "14 reps", "60 kg × 6, 2 left", "48 s". */
export function entered(item: Schemas["TestItem"], result: Schemas["TestResult"]): string {
  if (item.kind === "body weight") return result.load ? load(result.load) : "";
  if (item.kind === "load for reps") {
    const left = result.reserve === null ? "" : `, ${result.reserve} left`;
    return `${result.load ? load(result.load) : "?"} × ${Number(result.value)}${left}`;
  }
  if (item.kind === "quality grade") return t("{{value}} of 3", { value: Number(result.value) });
  return `${Number(result.value)} ${unitOf(item)}`;
}

export function unitOf(item: Schemas["TestItem"]): string {
  switch (item.kind) {
    case "good-form reps":
      return "reps";
    case "hold":
    case "time over a distance":
      return "s";
    case "distance in a time":
      return "m";
    case "range":
    case "girth":
      return "cm";
    case "load for reps":
    case "body weight":
      return "kg";
    case "quality grade":
      return t("of 3");
  }
}

/** A figure in the test's unit, with at most one decimal. */
export const figure = (value: string | number | null | undefined) =>
  value === null || value === undefined ? "" : String(Math.round(Number(value) * 10) / 10);

export const signed = (value: string | number) => {
  const number = Math.round(Number(value) * 10) / 10;
  return number > 0 ? `+${number}` : String(number).replace("-", "−");
};
