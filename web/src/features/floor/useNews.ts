import { useEffect, useEffectEvent } from "react";
import { outbox } from "../../outbox/theOutbox";

/** Calls when another device wrote to a session, and when the server is back. What waits here brings its own view. */
export function useNews(session: string, look: () => void): void {
  const told = useEffectEvent(() => {
    if (!outbox.waiting().some((entry) => entry.session === session && entry.refused === undefined)) look();
  });
  useEffect(() => {
    if (!session) return undefined;
    const news = new EventSource(`/api/sessions/${session}/news`);
    let lost = false;
    news.onerror = () => {
      lost = true;
    };
    news.onopen = () => {
      if (lost) told();
      lost = false;
    };
    news.onmessage = () => told();
    return () => news.close();
  }, [session]);
}
