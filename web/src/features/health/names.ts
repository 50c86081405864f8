// A joint or condition as one says it.
import type { Schemas } from "../../api/client";

export function topicName(topic: string, side: Schemas["Side"] | null | undefined): string {
  if (!side) return topic;
  return side === "both" ? `both ${topic}s` : `${side} ${topic}`;
}
