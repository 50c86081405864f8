// Help where one is: opened by "?" or a button, with the words and keys of the view, and every word by search.
import { t } from "../../ui/words";
import { useEffect, useMemo, useState } from "react";
import { flushSync } from "react-dom";
import { Outlet, useLocation, useMatches } from "react-router";
import { Sheet } from "../../ui/Sheet";
import { arrive, keepFocus } from "../focus";
import { GoTo } from "../goto/GoTo";
import { Pending } from "../Pending";
import { actionOf, isTyping } from "../shortcuts";
import { SkipLink } from "../SkipLink";
import { Help } from "./Help";
import { HelpOpening } from "./opening";
import { helpOf, type HelpKey } from "./views";

/** Around every view: listens for "?", and shows the help of the view whose address it is. */
export function HelpHost() {
  const [open, setOpen] = useState(false);
  const [going, setGoing] = useState(false);
  const opener = useMemo(() => () => setOpen(true), []);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (actionOf("everywhere", event) === "go") {
        event.preventDefault();
        // Before the next key: what is typed at once belongs into the box.
        flushSync(() => setGoing(true));
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
  const here = useViewHelp();
  const { pathname } = useLocation();
  useEffect(() => arrive(helpOf[here].title), [pathname, here]);
  return (
    <HelpOpening value={opener}>
      <SkipLink />
      <Pending />
      <Outlet />
      {going && <GoTo open onClose={() => setGoing(false)} />}
      <Sheet title={t("Help")} open={open} onClose={() => setOpen(false)}>
        <Help view={helpOf[here]} />
      </Sheet>
    </HelpOpening>
  );
}

function useViewHelp(): HelpKey {
  const named = useMatches()
    .map((match) => (match.handle as { help?: HelpKey } | undefined)?.help)
    .filter((help) => help !== undefined);
  return named.at(-1) ?? "today";
}
