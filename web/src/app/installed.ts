// The app as something installed, there when the server is away.
import { OF_A_SESSION } from "./keptOffline";

/** Milliseconds after which it is tried again where the server was away. */
const AGAIN = 60_000;

/** Begins it, once the first view stands: what is fetched for it would hold that view up. */
export function install(): void {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  navigator.serviceWorker.addEventListener("controllerchange", keep);
  const begin = () => void navigator.serviceWorker.register("/sw.js").catch(() => setTimeout(begin, AGAIN));
  begin();
}

/** What was read before it was there is asked for once more, so that it is kept too; what is shown stays as it is. */
function keep(): void {
  const read = performance.getEntriesByType("resource").map(({ name }) => name);
  for (const address of new Set(read))
    if (OF_A_SESSION.test(address)) void fetch(address).catch(() => undefined);
}
