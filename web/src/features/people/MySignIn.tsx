import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { askAgain, type State } from "../../access/access";
import { hasPasskeys, makePasskey } from "../../access/passkeys";
import { Problem, type Schemas } from "../../api/client";
import { peopleApi } from "../../api/people";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { t } from "../../ui/words";
import { CodesSheet } from "./CodesSheet";

/** One's own ways in: passphrase, PIN on this device, passkeys, codes. */
export function MySignIn({ state, me }: { state: State; me: Schemas["Me"] }) {
  const codes = useMutation({ mutationFn: peopleApi.makeCodes, onSuccess: () => void askAgain() });
  const passkey = useMutation({
    mutationFn: async () => peopleApi.keepPasskey(await makePasskey(await peopleApi.newPasskeyQuestion())),
    onSuccess: () => void askAgain(),
  });
  const drop = useMutation({ mutationFn: peopleApi.dropPasskeys, onSuccess: () => void askAgain() });
  return (
    <section aria-labelledby="mine" className="mt-6 grid gap-4 border-t border-line pt-4">
      <h2 id="mine" className="font-semibold">
        {t("How you sign in")}
      </h2>
      {state.enrolled && <Pin has={me.has_pin} />}
      <NewPassphrase />
      <div className="grid justify-items-start gap-2">
        <p>
          {me.passkeys > 0
            ? t("{{passkeys}} of your passkeys are known here.", { passkeys: me.passkeys })
            : t("No passkey of yours is known here.")}
        </p>
        {hasPasskeys() ? (
          <p className="flex gap-2">
            <Button disabled={passkey.isPending} onClick={() => passkey.mutate()}>
              {t("Make a passkey")}
            </Button>
            {me.passkeys > 0 && <Button onClick={() => drop.mutate()}>{t("Remove them")}</Button>}
          </p>
        ) : (
          <p className="text-soft">
            {t("This browser makes none here: it takes a name for an address, and TLS.")}
          </p>
        )}
        {passkey.error && (
          <Message tone="stop">
            {passkey.error instanceof Problem ? passkey.error.message : t("No passkey was made.")}
          </Message>
        )}
      </div>
      <div className="grid justify-items-start gap-2">
        <p className={me.codes_left < 2 ? "text-caution" : ""}>
          {t("{{codes}} recovery codes are left.", { codes: me.codes_left })}
        </p>
        <Button onClick={() => codes.mutate()}>{t("New recovery codes")}</Button>
      </div>
      {codes.data && (
        <CodesSheet
          title={t("Recovery codes")}
          why={t(
            "Each lets you in once if the passphrase is lost. They are shown this once, and those of before are void.",
          )}
          codes={codes.data.codes}
          onClose={() => codes.reset()}
        />
      )}
    </section>
  );
}

function Pin({ has }: { has: boolean }) {
  const [pin, setPin] = useState("");
  const choose = useMutation({
    mutationFn: () => peopleApi.choosePin(pin),
    onSuccess: () => {
      setPin("");
      void askAgain();
    },
  });
  return (
    <form
      className="grid max-w-md grid-cols-[1fr_auto] items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        choose.mutate();
      }}
    >
      <TextField
        sort="password"
        inputMode="numeric"
        autoComplete="new-password"
        label={has ? t("Another PIN on this device") : t("Your PIN on this device")}
        hint={choose.isSuccess ? t("It is kept.") : t("4 to 8 digits.")}
        problem={choose.error instanceof Problem ? choose.error.message : undefined}
        value={pin}
        change={setPin}
      />
      <p className="pt-6">
        <Button type="submit" disabled={!pin || choose.isPending}>
          {t("Keep it")}
        </Button>
      </p>
    </form>
  );
}

function NewPassphrase() {
  const [now, setNow] = useState("");
  const [fresh, setFresh] = useState("");
  const change = useMutation({
    mutationFn: () => peopleApi.changePassphrase(now, fresh),
    onSuccess: () => {
      setNow("");
      setFresh("");
    },
  });
  return (
    <details>
      <summary className="min-h-9 cursor-pointer">{t("Another passphrase")}</summary>
      <form
        className="mt-2 grid max-w-md gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          change.mutate();
        }}
      >
        <TextField
          sort="password"
          autoComplete="current-password"
          label={t("The one of now")}
          value={now}
          change={setNow}
        />
        <TextField
          sort="password"
          autoComplete="new-password"
          label={t("New passphrase")}
          hint={t("Twelve characters or more; four words are good. You are signed out everywhere else.")}
          value={fresh}
          change={setFresh}
        />
        <p>
          <Button type="submit" disabled={!now || !fresh || change.isPending}>
            {t("Use it from now on")}
          </Button>
        </p>
        {change.error instanceof Problem && <Message tone="stop">{change.error.message}</Message>}
        {change.isSuccess && <Message tone="done">{t("It is kept.")}</Message>}
      </form>
    </details>
  );
}
