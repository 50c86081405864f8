import { useMutation } from "@tanstack/react-query";
import { Delete } from "lucide-react";
import { useEffect, useState } from "react";
import { Problem } from "../../api/client";
import { Button } from "../../ui/Button";
import { Message } from "../../ui/Message";
import { t } from "../../ui/words";

const DIGITS = ["1", "2", "3", "4", "5", "6", "7", "8", "9"] as const;
const SHORTEST = 4;
const LONGEST = 8;

/** A PIN by large keys or the keyboard. */
export function PinPad({ label, enter }: { label: string; enter: (pin: string) => Promise<void> }) {
  const [pin, setPin] = useState("");
  const entering = useMutation({ mutationFn: enter, onError: () => setPin("") });
  const ready = pin.length >= SHORTEST && !entering.isPending;
  const press = (digit: string) => setPin((now) => (now.length < LONGEST ? now + digit : now));
  const send = () => ready && entering.mutate(pin);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (/^\d$/.test(event.key)) press(event.key);
      else if (event.key === "Backspace") setPin((now) => now.slice(0, -1));
      else if (event.key === "Enter" && !(event.target instanceof HTMLButtonElement)) send();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  });
  return (
    <div role="group" aria-label={label} className="grid gap-3">
      <p role="status" className="flex min-h-6 justify-center gap-3">
        <span className="sr-only">{t("{{digits}} digits", { digits: pin.length })}</span>
        {Array.from({ length: Math.max(SHORTEST, pin.length) }, (_, at) => (
          <span
            key={at}
            aria-hidden
            className={`size-4 rounded-full border border-line-strong ${at < pin.length ? "bg-ink" : ""}`}
          />
        ))}
      </p>
      <div className="grid grid-cols-3 gap-2">
        {DIGITS.map((digit) => (
          <Button key={digit} big onClick={() => press(digit)}>
            {digit}
          </Button>
        ))}
        <Button big aria-label={t("Take back a digit")} onClick={() => setPin((now) => now.slice(0, -1))}>
          <Delete size={22} aria-hidden />
        </Button>
        <Button big onClick={() => press("0")}>
          {"0"}
        </Button>
        <Button big tone="act" disabled={!ready} onClick={send}>
          {t("Enter")}
        </Button>
      </div>
      {entering.error instanceof Problem && <Message tone="stop">{entering.error.message}</Message>}
    </div>
  );
}
