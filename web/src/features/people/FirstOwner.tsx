import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { askAgain } from "../../access/access";
import { Problem } from "../../api/client";
import { signInApi } from "../../api/signIn";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { t } from "../../ui/words";
import { CodesSheet } from "./CodesSheet";

/** The owner's name and passphrase: with them everybody begins to sign in. */
export function FirstOwner() {
  const [name, setName] = useState("");
  const [one, setOne] = useState("");
  const [again, setAgain] = useState("");
  const begin = useMutation({ mutationFn: () => signInApi.begin(name, one) });
  return (
    <section aria-label={t("Begin signing in")} className="mt-3">
      <p>
        {t(
          "Nobody signs in yet: whoever sits at this machine sees and changes everything. Choose a name and a passphrase, and from then on everybody signs in; you can add others.",
        )}
      </p>
      <form
        className="mt-3 grid max-w-md gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          begin.mutate();
        }}
      >
        <TextField label={t("Your name")} autoComplete="username" value={name} change={setName} />
        <TextField
          sort="password"
          autoComplete="new-password"
          label={t("Passphrase")}
          hint={t("Twelve characters or more; four words are good.")}
          value={one}
          change={setOne}
        />
        <TextField
          sort="password"
          autoComplete="new-password"
          label={t("The same again")}
          problem={again !== "" && one !== again ? t("Not the same yet.") : undefined}
          value={again}
          change={setAgain}
        />
        <p>
          <Button
            type="submit"
            tone="act"
            disabled={!name.trim() || !one || one !== again || begin.isPending}
          >
            {t("Begin signing in")}
          </Button>
        </p>
        {begin.error instanceof Problem && <Message tone="stop">{begin.error.message}</Message>}
      </form>
      {begin.data && (
        <CodesSheet
          title={t("Recovery codes")}
          why={t(
            "Each lets you in once if the passphrase is lost. They are shown this once: print them, and keep them away from this machine.",
          )}
          codes={begin.data.codes}
          onClose={() => void askAgain()}
        />
      )}
    </section>
  );
}
