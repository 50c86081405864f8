import { useMutation } from "@tanstack/react-query";
import { Delete } from "lucide-react";
import { useEffect, useId, useState } from "react";
import { Problem } from "../../api/client";
import { Button } from "../../ui/Button";
import { Input } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { t } from "../../ui/words";

const DIGITS = ["1", "2", "3", "4", "5", "6", "7", "8", "9"] as const;
const SHORTEST = 4;
const LONGEST = 8;

/** A PIN by large keys or the keyboard. */
export function PinPad({ label, enter }: { label: string; enter: (pin: string) => Promise<void> }) {
  const [pin, setPin] = useState("");
  const box = useId();
  const toBox = () => document.getElementById(box)?.focus();
  const entering = useMutation({
    mutationFn: enter,
    onError: () => {
      setPin("");
      toBox();
    },
  });
  useEffect(() => document.getElementById(box)?.focus(), [box]);
  const put = (text: string) => setPin(text.replace(/\D/g, "").slice(0, LONGEST));
  const press = (digit: string) => {
    put(pin + digit);
    toBox();
  };
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (pin.length >= SHORTEST && !entering.isPending) entering.mutate(pin);
      }}
    >
      <Input
        id={box}
        sort="password"
        // The keys are below; the device's own would cover them.
        inputMode="none"
        autoComplete="off"
        aria-label={label}
        value={pin}
        change={put}
        className="min-h-12 text-center text-2xl tracking-[0.5em]"
      />
      <div className="grid grid-cols-3 gap-2">
        {DIGITS.map((digit) => (
          <Button key={digit} big onClick={() => press(digit)}>
            {digit}
          </Button>
        ))}
        <Button big aria-label={t("Take back a digit")} onClick={() => put(pin.slice(0, -1))}>
          <Delete size={22} aria-hidden />
        </Button>
        <Button big onClick={() => press("0")}>
          {"0"}
        </Button>
        <Button big type="submit" tone="act" disabled={pin.length < SHORTEST || entering.isPending}>
          {t("Enter")}
        </Button>
      </div>
      {entering.error instanceof Problem && <Message tone="stop">{entering.error.message}</Message>}
    </form>
  );
}
