// What is typed over a kept value: it stays until that very text is kept, or is given up, whatever is answered meanwhile.
import { useEffect, useRef } from "react";
import { useKept } from "./useKept";

export function useTyped(value: string, place: string) {
  const [typed, type] = useKept<string | null>(place, null);
  const sent = useRef<string | null>(null);
  const known = useRef(value);
  useEffect(() => {
    if (known.current === value) return;
    known.current = value;
    // The answer to what was sent: typing that went on since stays.
    const answered = sent.current;
    sent.current = null;
    type((now) => (now !== null && [value, answered].includes(now.trim()) ? null : now));
  }, [value, type]);
  return {
    text: typed ?? value,
    /** What was typed and is not kept; null where nothing is. */
    typed,
    type,
    /** Give up what was typed. */
    drop: () => type(null),
    /** Answers what is to be kept, null where nothing is; from then on it is on its way. */
    take: (): string | null => {
      const text = typed?.trim() ?? value;
      if (text === value) {
        type(null);
        return null;
      }
      sent.current = text;
      return text;
    },
  };
}
