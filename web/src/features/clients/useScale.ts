// Reading the scale: figures as they come, and the weight once the server says it has settled.
import type { ClientId } from "../../api/ids";
import { useEffect, useRef, useState } from "react";
import type { Schemas } from "../../api/client";

export interface ScaleReading {
  figure: number;
  unit: Schemas["Unit"];
  settled: Schemas["Load"] | null;
}

export function useScale(clientId: ClientId) {
  const [reading, setReading] = useState<ScaleReading | null>(null);
  const [state, setState] = useState<"idle" | "reading" | "settled" | "failed">("idle");
  const source = useRef<EventSource | null>(null);
  const stop = () => {
    source.current?.close();
    source.current = null;
  };
  useEffect(() => stop, []);
  const start = () => {
    stop();
    setReading(null);
    setState("reading");
    const events = new EventSource(`/api/clients/${clientId}/scale`);
    source.current = events;
    events.onmessage = (event: MessageEvent<string>) => {
      const told = JSON.parse(event.data) as ScaleReading;
      setReading(told);
      if (told.settled) {
        setState("settled");
        stop();
      }
    };
    events.onerror = () => {
      setState("failed");
      stop();
    };
  };
  const reset = () => {
    stop();
    setReading(null);
    setState("idle");
  };
  return { reading, state, start, reset };
}
