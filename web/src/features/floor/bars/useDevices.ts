// What the chosen devices see, streamed while the session is on the floor: a count of repetitions, a heart's rate.
import { t } from "../../../ui/words";
import type { LineId } from "../../../api/ids";
import { useCallback, useEffect, useRef, useState } from "react";
import type { Schemas } from "../../../api/client";

export type Measured = Omit<Schemas["MeasureRequest"], "id" | "line" | "number">;

interface Message {
  reps?: number | null;
  heart?: number | null;
  watching?: number;
  measured?: Measured;
  problem?: string;
}

export interface Watched {
  line: LineId;
  number: number;
  reps: number;
  planned: string;
}

const AGAIN = 3000;

export function useDevices(
  session: string,
  settings: Schemas["Settings"] | undefined,
  onMeasured: (set: Watched, measured: Measured) => void,
) {
  const wanted = Boolean(settings && (settings.rep_sensor !== "off" || settings.heart_strap !== "off"));
  const socket = useRef<WebSocket | null>(null);
  const now = useRef<Watched | null>(null);
  const ended = useRef<Watched | null>(null);
  const told = useRef(onMeasured);
  const [seen, setSeen] = useState<{ reps: number | null; heart: number | null }>({
    reps: null,
    heart: null,
  });
  const [watching, setWatching] = useState<Watched | null>(null);
  const [away, setAway] = useState(false);
  useEffect(() => {
    told.current = onMeasured;
  });
  useEffect(() => {
    if (!wanted || !session) return;
    let gone = false;
    let timer: ReturnType<typeof setTimeout>;
    const open = () => {
      const scheme = location.protocol === "https:" ? "wss" : "ws";
      const stream = new WebSocket(
        t("{{scheme}}://{{host}}/api/sessions/{{session}}/devices", { scheme, host: location.host, session }),
      );
      socket.current = stream;
      stream.onopen = () => setAway(false);
      stream.onmessage = ({ data }: MessageEvent<string>) => {
        const message = JSON.parse(data) as Message;
        const { measured } = message;
        if (measured && ended.current) {
          told.current(ended.current, measured);
          ended.current = null;
        }
        setSeen((before) => ({
          reps: message.reps === undefined ? before.reps : message.reps,
          heart: message.heart ?? before.heart,
        }));
      };
      stream.onclose = () => {
        if (gone) return;
        setAway(true);
        now.current = null;
        setWatching(null);
        timer = setTimeout(open, AGAIN);
      };
    };
    open();
    return () => {
      gone = true;
      clearTimeout(timer);
      socket.current?.close();
    };
  }, [wanted, session]);
  const send = (message: object) => {
    if (socket.current?.readyState === WebSocket.OPEN) socket.current.send(JSON.stringify(message));
  };
  const begin = useCallback((set: Watched) => {
    now.current = set;
    setWatching(set);
    setSeen((before) => ({ ...before, reps: 0 }));
    send({ do: "begin", ...set });
  }, []);
  /** The set is over; what was measured of it comes back over the stream. Nothing happens where none is watched. */
  const end = useCallback(() => {
    if (!now.current) return;
    ended.current = now.current;
    now.current = null;
    setWatching(null);
    send({ do: "end" });
  }, []);
  return { wanted, counts: settings?.rep_sensor !== "off", ...seen, watching, away, begin, end };
}

export type Devices = ReturnType<typeof useDevices>;
