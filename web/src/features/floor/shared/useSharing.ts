// Says the client's part to a second window of this browser, with every change of it.
import { useEffect } from "react";
import { sharedPlace, type SharedPart } from "./sharedPart";

export function useSharing(session: string, part: SharedPart): void {
  const { until, since, ...steady } = part;
  // Moments that are worked out anew with every drawing differ by a breath; a tenth of a second is no news.
  const said = JSON.stringify({
    ...steady,
    until: until && Math.round(until / 100),
    since: since && Math.round(since / 100),
  });
  useEffect(() => {
    try {
      localStorage.setItem(sharedPlace(session), said);
    } catch {
      // A browser that keeps nothing shares nothing; the session runs on.
    }
  }, [session, said]);
  useEffect(() => () => localStorage.removeItem(sharedPlace(session)), [session]);
}

/** What was said last; null where no floor of this session is open. */
export function heard(session: string): SharedPart | null {
  try {
    const part = JSON.parse(localStorage.getItem(sharedPlace(session)) ?? "null") as SharedPart | null;
    return part && { ...part, until: part.until && part.until * 100, since: part.since && part.since * 100 };
  } catch {
    return null;
  }
}
