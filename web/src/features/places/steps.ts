// The loads of a kind in words; what they are and where the big steps lie is worked out by the server.
import { t } from "../../ui/words";
import type { Schemas } from "../../api/client";

type Load = Schemas["Load"];

/** The first and the last: "4 to 24 kg", or the one there is. */
export function span(low: Load | undefined, high: Load | undefined): string {
  if (!low || !high) return "";
  return low.value === high.value
    ? `${low.value} ${low.unit}`
    : t("{{value}} to {{value2}} {{unit}}", { value: low.value, value2: high.value, unit: high.unit });
}

const TOLD = 4;

/** The big steps, each as "18 to 24"; of many only the heaviest, where they matter most. */
export function gapsInWords({ loads, gaps }: Pick<Schemas["LoadsOfKind"], "loads" | "gaps">): string {
  const steps = gaps.flatMap((gap, index) =>
    gap ? [`${loads[index - 1]?.load.value} to ${loads[index]?.load.value}`] : [],
  );
  return steps.length > TOLD ? `up to ${steps.at(-1)}` : steps.join(", ");
}
