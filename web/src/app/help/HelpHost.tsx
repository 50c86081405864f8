// Help where one is: opened by "?" or a button, with the words and keys of the view, and every word by search.
import { createContext, useContext, useEffect, useMemo, useState } from "react";
import { Outlet, useLocation, useMatches } from "react-router";
import { Sheet } from "../../ui/Sheet";
import { arrive, keepFocus } from "../focus";
import { actionOf, isTyping } from "../shortcuts";
import { Help } from "./Help";
import { helpOf, type HelpKey } from "./views";

const Opening = createContext<() => void>(() => undefined);

/** What opens the help of the view one is in. */
export const useHelp = () => useContext(Opening);

/** Around every view: listens for "?", and shows the help of the view whose address it is. */
export function HelpHost() {
  const [open, setOpen] = useState(false);
  const opener = useMemo(() => () => setOpen(true), []);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (isTyping(event, "[data-cell]") || actionOf("everywhere", event) !== "help") return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
  useEffect(keepFocus, []);
  const here = useViewHelp();
  const { pathname } = useLocation();
  useEffect(() => arrive(helpOf[here].title), [pathname, here]);
  return (
    <Opening value={opener}>
      <Outlet />
      <Sheet title="Help" open={open} onClose={() => setOpen(false)}>
        <Help view={helpOf[here]} />
      </Sheet>
    </Opening>
  );
}

function useViewHelp(): HelpKey {
  const named = useMatches()
    .map((match) => (match.handle as { help?: HelpKey } | undefined)?.help)
    .filter((help) => help !== undefined);
  return named.at(-1) ?? "today";
}
