// Help where one is: opened by "?" or a button, with the words and keys of the view, and every word by search.
import { Suspense, useCallback, useEffect, useState, type ReactNode } from "react";
import { flushSync } from "react-dom";
import { useLocation } from "react-router";
import { arrive, keepFocus } from "../focus";
import { actionOf, isTyping } from "../keys/shortcuts";
import { SkipLink } from "../SkipLink";
import { whenAsked } from "../whenAsked";
import { HelpOpening } from "./opening";
import { titleOf, type HelpKey } from "./titles";

const helpSheet = whenAsked(() => import("./HelpSheet"));
const goTo = whenAsked(() => import("../goto/GoTo"));

/** Once the first view stands, the box to get anywhere is fetched: its first key is to find it there. */
function fetchLater() {
  const waiting = setTimeout(() => void goTo.fetch(), 1500);
  return () => clearTimeout(waiting);
}

/** Around every view: listens for "?", and shows the help of the view whose address it is. */
export function HelpHost({ here, children }: { here: HelpKey; children: ReactNode }) {
  // As they were opened: one that is fetched meanwhile would begin anew, without what was typed.
  const [help, setHelp] = useState<{ Box: typeof helpSheet.box } | null>(null);
  const [going, setGoing] = useState<{ Box: typeof goTo.box } | null>(null);
  const opener = useCallback(() => setHelp((open) => open ?? { Box: helpSheet.box }), []);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (actionOf("everywhere", event) === "go") {
        event.preventDefault();
        // Before the next key: what is typed at once belongs into the box.
        flushSync(() => setGoing((open) => open ?? { Box: goTo.box }));
        return;
      }
      if (isTyping(event, "[data-cell]") || actionOf("everywhere", event) !== "help") return;
      event.preventDefault();
      opener();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [opener]);
  useEffect(keepFocus, []);
  useEffect(fetchLater, []);
  const { pathname } = useLocation();
  useEffect(() => arrive(titleOf[here]), [pathname, here]);
  return (
    <HelpOpening value={opener}>
      <SkipLink />
      {children}
      <Suspense>
        {going && <going.Box open onClose={() => setGoing(null)} />}
        {help && <help.Box of={here} onClose={() => setHelp(null)} />}
      </Suspense>
    </HelpOpening>
  );
}
