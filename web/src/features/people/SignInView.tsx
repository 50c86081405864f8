import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { take, type State } from "../../access/access";
import { hasPasskeys, usePasskey as answerWithPasskey } from "../../access/passkeys";
import { Problem, type Schemas } from "../../api/client";
import { signInApi } from "../../api/signIn";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { t } from "../../ui/words";
import { PinPad } from "./PinPad";

type PersonHere = Schemas["PersonHere"];
type Way = "who" | "pin" | "passphrase" | "code";

/** Who is it: a name and a PIN on the studio's own devices, else a passphrase, a passkey or a code. */
export function SignInView({ state }: { state: State }) {
  const known = state.people_here.filter((person) => person.has_pin);
  const [way, setWay] = useState<Way>(known.length ? "who" : "passphrase");
  const [person, setPerson] = useState<PersonHere | null>(null);
  const passkey = useMutation({
    mutationFn: async () => signInApi.withPasskey(await answerWithPasskey(await signInApi.passkeyQuestion())),
    onSuccess: take,
  });
  return (
    <main className="mx-auto grid w-full max-w-sm gap-5 px-4 py-10 sm:py-16">
      <header className="grid justify-items-center gap-2">
        <img src="/mark.svg" alt="" width={40} height={40} />
        <h1 className="text-2xl font-semibold tracking-tight">{heading(way, person)}</h1>
        {state.device && state.enrolled && <p className="text-soft">{state.device}</p>}
      </header>
      {way === "who" && (
        <ul className="grid gap-2">
          {known.map((one) => (
            <li key={one.id}>
              <Button
                big
                className="w-full"
                onClick={() => {
                  setPerson(one);
                  setWay("pin");
                }}
              >
                {one.name}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {way === "pin" && person && (
        <PinPad
          key={person.id}
          label={t("PIN of {{name}}", { name: person.name })}
          enter={async (pin) => take(await signInApi.withPin(person.id, pin))}
        />
      )}
      {way === "passphrase" && <WithPassphrase name={person?.name ?? ""} />}
      {way === "code" && <WithCode />}
      <nav aria-label={t("Other ways")} className="grid justify-items-center gap-1">
        {way !== "who" && known.length > 0 && (
          <Button tone="quiet" onClick={() => setWay("who")}>
            {t("Somebody else, with a PIN")}
          </Button>
        )}
        {way !== "passphrase" && (
          <Button tone="quiet" onClick={() => setWay("passphrase")}>
            {t("With name and passphrase")}
          </Button>
        )}
        {state.passkeys && hasPasskeys() && (
          <Button tone="quiet" disabled={passkey.isPending} onClick={() => passkey.mutate()}>
            {t("With a passkey")}
          </Button>
        )}
        {way !== "code" && (
          <Button tone="quiet" onClick={() => setWay("code")}>
            {t("With a code")}
          </Button>
        )}
      </nav>
      {passkey.error && (
        <Message tone="stop">
          {passkey.error instanceof Problem ? passkey.error.message : t("No passkey was given.")}
        </Message>
      )}
    </main>
  );
}

function heading(way: Way, person: PersonHere | null): string {
  if (way === "who") return t("Who is it?");
  if (way === "pin" && person) return person.name;
  return way === "code" ? t("Come in with a code") : t("Sign in");
}

function WithPassphrase({ name: start }: { name: string }) {
  const [name, setName] = useState(start);
  const [passphrase, setPassphrase] = useState("");
  const signIn = useMutation({
    mutationFn: () => signInApi.withPassphrase(name, passphrase),
    onSuccess: take,
  });
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        signIn.mutate();
      }}
    >
      <TextField label={t("Name")} autoComplete="username" value={name} change={setName} />
      <TextField
        sort="password"
        autoComplete="current-password"
        label={t("Passphrase")}
        value={passphrase}
        change={setPassphrase}
      />
      <Button type="submit" tone="act" big disabled={!name.trim() || !passphrase || signIn.isPending}>
        {t("Sign in")}
      </Button>
      {signIn.error instanceof Problem && <Message tone="stop">{signIn.error.message}</Message>}
    </form>
  );
}

function WithCode() {
  const [name, setName] = useState("");
  const [code, setCode] = useState("");
  const [passphrase, setPassphrase] = useState("");
  const signIn = useMutation({
    mutationFn: () => signInApi.withCode(name, code, passphrase),
    onSuccess: take,
  });
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        signIn.mutate();
      }}
    >
      <p className="text-soft">
        {t(
          "The code you were given, or one of those you printed. It is good once; a new passphrase goes with it.",
        )}
      </p>
      <TextField label={t("Name")} autoComplete="username" value={name} change={setName} />
      <TextField label={t("Code")} value={code} change={setCode} />
      <TextField
        sort="password"
        autoComplete="new-password"
        label={t("New passphrase")}
        hint={t("Twelve characters or more; four words are good.")}
        value={passphrase}
        change={setPassphrase}
      />
      <Button
        type="submit"
        tone="act"
        big
        disabled={!name.trim() || !code.trim() || !passphrase || signIn.isPending}
      >
        {t("Come in")}
      </Button>
      {signIn.error instanceof Problem && <Message tone="stop">{signIn.error.message}</Message>}
    </form>
  );
}
