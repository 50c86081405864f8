import { useSyncExternalStore } from "react";
import { Link, useLocation } from "react-router";
import type { Entry } from "../outbox/outbox";
import { outbox } from "../outbox/theOutbox";
import { inWords } from "../outbox/words";
import { Message } from "../ui/Message";

/** What the server refused for good, wherever the trainer is: nothing that was tapped goes without being shown. */
export function NotTaken() {
  const entries = useSyncExternalStore(outbox.subscribe, outbox.waiting);
  const { pathname } = useLocation();
  // A view that shows its own has the entry's session in its address.
  const refused = entries.filter((entry) => entry.refused !== undefined && !pathname.includes(entry.session));
  return refused.map((entry) => (
    <Message key={entry.key} tone="stop" className="m-3">
      {inWords(entry)} was not taken: {entry.refused}{" "}
      {floorOf(entry) && (
        <Link className="mr-3 underline" to={floorOf(entry) ?? ""}>
          Open the session
        </Link>
      )}
      <button type="button" className="min-h-9 underline" onClick={() => void outbox.dismiss(entry.key)}>
        I have read it
      </button>
    </Message>
  ));
}

/** The floor that an entry was tapped on, where it was one. */
function floorOf(entry: Entry): string | undefined {
  const [kind, ...at] = entry.view?.name.split(" ") ?? [];
  return kind === "floor" ? `/floor/${at.join("/")}` : undefined;
}
