import { useMemo } from "react";
import { matchRoutes, useLocation, useRoutes } from "react-router";
import { FetchAhead } from "./FetchAhead";
import { HelpHost } from "./help/HelpHost";
import type { HelpKey } from "./help/titles";
import { likelyNext, routes } from "./routes";
import { ViewBoundary } from "./ViewBoundary";

const all = [...routes];

/** The view of the address, with its help around it. */
export function Views() {
  const { pathname } = useLocation();
  const help = useMemo(() => {
    const handle: { help?: HelpKey } | undefined = matchRoutes(all, pathname)?.at(-1)?.route.handle;
    return handle?.help ?? "today";
  }, [pathname]);
  const view = useRoutes(all);
  return (
    <HelpHost here={help}>
      <FetchAhead likelyNext={likelyNext} />
      <ViewBoundary at={pathname}>{view}</ViewBoundary>
    </HelpHost>
  );
}
