// Keeps the screen awake while a session is on it, where the browser allows.
import { useEffect } from "react";

export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = async () => {
      if (gone || document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      try {
        const asked = await navigator.wakeLock.request("screen");
        if (gone) await asked.release();
        else lock = asked;
      } catch {
        // Low battery or a browser that will not; the session runs on all the same.
      }
    };
    const again = () => void ask();
    void ask();
    document.addEventListener("visibilitychange", again);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", again);
      void lock?.release();
    };
  }, []);
}
