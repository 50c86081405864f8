import { t } from "../../ui/words";
import { Joint } from "../../api/enums";
// Joints and conditions as one says them.
import type { Schemas } from "../../api/client";

/** Whether there is a left and a right one. */
export const isPaired = (topic: string): boolean =>
  (Joint as readonly string[]).includes(topic) && topic !== "neck" && topic !== "lower back";

export function topicName(topic: string, side: Schemas["Side"] | null | undefined): string {
  if (!side) return topic;
  return side === "both" ? t("both {{topic}}s", { topic }) : `${side} ${topic}`;
}
