// The clients in the order one looks for them: who comes today, who comes this week, all others, and who trains here no more.
import { t } from "../../ui/words";
import type { Schemas } from "../../api/client";

export interface ClientGroup {
  title: string;
  clients: Schemas["ClientEntry"][];
  /** Whether it is folded away until it is asked for. */
  folded: boolean;
}

const WEEK = 7 * 24 * 3600 * 1000;
/** So many others are shown at once; more are folded away. */
const FEW = 12;

const within = (typed: string, text: string) =>
  typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.toLowerCase().includes(word));

/** The clients that some typed words are found in, in groups; none is empty. */
export function grouped(
  clients: readonly Schemas["ClientEntry"][],
  today: Schemas["TodayView"] | undefined,
  typed: string,
): ClientGroup[] {
  const words = typed.trim();
  if (words) {
    const found = clients.filter((one) => within(words, `${one.name} ${one.goal} ${one.place}`));
    return found.length ? [{ title: t("Found"), clients: found, folded: false }] : [];
  }
  const comes = new Set(today?.sessions.map((session) => session.client_id));
  const limit = today ? new Date(today.on).getTime() + WEEK : 0;
  const soon = new Set(
    today?.clients
      .filter((one) => one.next_on && new Date(one.next_on).getTime() < limit)
      .map((one) => one.client_id),
  );
  const now = clients.filter((one) => !one.former);
  const of = (test: (one: Schemas["ClientEntry"]) => boolean) => now.filter(test);
  const former = clients.filter((one) => one.former);
  const others = of((one) => !comes.has(one.id) && !soon.has(one.id));
  return [
    { title: t("Today"), clients: of((one) => comes.has(one.id)), folded: false },
    { title: t("This week"), clients: of((one) => !comes.has(one.id) && soon.has(one.id)), folded: false },
    {
      title: comes.size + soon.size ? t("Nothing planned this week") : t("All"),
      clients: others,
      folded: others.length > FEW && comes.size + soon.size > 0,
    },
    { title: t("Former"), clients: former, folded: now.length > 0 },
  ].filter((group) => group.clients.length > 0);
}
