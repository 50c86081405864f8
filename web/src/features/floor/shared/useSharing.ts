// Says the client's part to a second window of this browser, with every change of it. Nothing of it is kept anywhere.
import { useEffect, useRef, useState } from "react";
import { sharedPlace, type SharedPart } from "./sharedPart";

/** What a window that has just been opened says, so that it is told where things stand. */
const ASK = "ask";

export function useSharing(session: string, part: SharedPart): void {
  const { until, since, ...steady } = part;
  // Moments that are worked out anew with every drawing differ by a breath; a tenth of a second is no news.
  const said = JSON.stringify({
    ...steady,
    until: until && Math.round(until / 100),
    since: since && Math.round(since / 100),
  });
  const channel = useRef<BroadcastChannel | null>(null);
  const latest = useRef(said);
  useEffect(() => {
    const open = new BroadcastChannel(sharedPlace(session));
    open.onmessage = ({ data }) => {
      if (data === ASK) open.postMessage(latest.current);
    };
    channel.current = open;
    return () => {
      open.postMessage(null);
      open.close();
    };
  }, [session]);
  useEffect(() => {
    latest.current = said;
    channel.current?.postMessage(said);
  }, [session, said]);
}

/** What was said last; null where no floor of this session is open. */
export function useHeard(session: string): SharedPart | null {
  const [part, setPart] = useState<SharedPart | null>(null);
  useEffect(() => {
    const open = new BroadcastChannel(sharedPlace(session));
    open.onmessage = ({ data }) => {
      if (data === ASK) return;
      const heard = typeof data === "string" ? (JSON.parse(data) as SharedPart) : null;
      setPart(
        heard && {
          ...heard,
          until: heard.until && heard.until * 100,
          since: heard.since && heard.since * 100,
        },
      );
    };
    open.postMessage(ASK);
    return () => open.close();
  }, [session]);
  return part;
}
