import { t } from "../ui/words";
import { useSyncExternalStore } from "react";
import { Link } from "react-router";
import type { Entry } from "../outbox/outbox";
import { outbox } from "../outbox/theOutbox";
import { inWords } from "../outbox/words";
import { Message } from "../ui/Message";

/** What the server refused for good, on every page without a list of its own: nothing that was tapped goes unseen. */
export function NotTaken() {
  const entries = useSyncExternalStore(outbox.subscribe, outbox.waiting);
  const refused = entries.filter((entry) => entry.refused !== undefined);
  return refused.map((entry) => {
    const home = whereTapped(entry);
    return (
      <Message key={entry.key} tone={entry.doubt ? "caution" : "stop"} className="m-3">
        {inWords(entry)} {entry.doubt ? t("is asked about") : t("was not taken")}: {entry.refused}{" "}
        {home && (
          <Link className="mr-3 inline-block min-h-9 underline" to={home}>
            {entry.doubt ? t("Answer there") : t("Open the session")}
          </Link>
        )}
        {!entry.doubt && (
          <button type="button" className="min-h-9 underline" onClick={() => void outbox.dismiss(entry.key)}>
            {t("I have read it")}
          </button>
        )}
      </Message>
    );
  });
}

/** The floor or the round of tests that an entry was tapped on. */
function whereTapped(entry: Entry): string | undefined {
  const [kind, ...at] = entry.view?.name.split(" ") ?? [];
  if (kind === "floor") return `/floor/${at.join("/")}`;
  return kind === "round" ? `/testing/${at.join("/")}` : undefined;
}
