// The app as something installed, there when the server is away.
import type { QueryClient } from "@tanstack/react-query";

/** Begins it, once the first view stands: what is fetched for it would hold that view up. */
export function install(queries: QueryClient): void {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  // What is on the screen by then is asked for once more, so that it is kept too.
  navigator.serviceWorker.addEventListener(
    "controllerchange",
    () => void queries.refetchQueries({ type: "active" }),
  );
  void navigator.serviceWorker.register("/sw.js");
}
