// Help where one is: opened by "?" or a button, with the words and keys of the view, and every word by search.
import { lazy, Suspense, useEffect, useMemo, useState, type ComponentType } from "react";
import { flushSync } from "react-dom";
import { Outlet, useLocation, useMatches } from "react-router";
import { arrive, keepFocus } from "../focus";
import { Pending } from "../Pending";
import { actionOf, isTyping } from "../keys/shortcuts";
import { SkipLink } from "../SkipLink";
import { HelpOpening } from "./opening";
import { helpOf, type HelpKey } from "./views";

const HelpSheet = lazy(() => import("./HelpSheet"));
type Box = ComponentType<{ open: boolean; onClose: () => void }>;
let box: Box = lazy(() => import("../goto/GoTo"));

/** Once the first view stands, the box to get anywhere is fetched: its first key is to find it there. */
function fetchLater() {
  const fetched = () =>
    void import("../goto/GoTo").then(
      (found) => (box = found.default),
      () => undefined,
    );
  const waiting = setTimeout(fetched, 1500);
  return () => clearTimeout(waiting);
}

/** Around every view: listens for "?", and shows the help of the view whose address it is. */
export function HelpHost() {
  const [open, setOpen] = useState(false);
  // As it was opened: one that is fetched meanwhile would begin anew, without what was typed.
  const [going, setGoing] = useState<{ Box: Box } | null>(null);
  const opener = useMemo(() => () => setOpen(true), []);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (actionOf("everywhere", event) === "go") {
        event.preventDefault();
        // Before the next key: what is typed at once belongs into the box.
        flushSync(() => setGoing((open) => open ?? { Box: box }));
        return;
      }
      if (isTyping(event, "[data-cell]") || actionOf("everywhere", event) !== "help") return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
  useEffect(keepFocus, []);
  useEffect(fetchLater, []);
  const here = useViewHelp();
  const { pathname } = useLocation();
  useEffect(() => arrive(helpOf[here].title), [pathname, here]);
  return (
    <HelpOpening value={opener}>
      <SkipLink />
      <Pending />
      <Outlet />
      <Suspense>
        {going && <going.Box open onClose={() => setGoing(null)} />}
        {open && <HelpSheet view={helpOf[here]} close={() => setOpen(false)} />}
      </Suspense>
    </HelpOpening>
  );
}

function useViewHelp(): HelpKey {
  const named = useMatches()
    .map((match) => (match.handle as { help?: HelpKey } | undefined)?.help)
    .filter((help) => help !== undefined);
  return named.at(-1) ?? "today";
}
