import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { askAgain, type State } from "../../access/access";
import { Problem } from "../../api/client";
import { keys } from "../../api/keys";
import { peopleApi } from "../../api/people";
import { Button } from "../../ui/Button";
import { clock, fullDate } from "../../ui/format";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { t } from "../../ui/words";

const at = (moment: string) => t("{{day}}, {{time}}", { day: fullDate(moment), time: clock(moment) });

/** Where people are signed in, and which browsers are the studio's. */
export function Devices({ owner, state }: { owner: boolean; state: State }) {
  return (
    <>
      <SignIns owner={owner} />
      {owner && <Known state={state} />}
    </>
  );
}

const WAYS: Record<string, string> = {
  passphrase: t("by passphrase"),
  pin: t("by PIN"),
  passkey: t("by passkey"),
  code: t("by code"),
};

function SignIns({ owner }: { owner: boolean }) {
  const queries = useQueryClient();
  const found = useQuery({ queryKey: keys.signIns, queryFn: peopleApi.signIns });
  const end = useMutation({
    mutationFn: peopleApi.endSignIn,
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.signIns }),
  });
  return (
    <section aria-labelledby="signed-in" className="mt-6 border-t border-line pt-4">
      <h2 id="signed-in" className="font-semibold">
        {owner ? t("Signed in now") : t("Where you are signed in")}
      </h2>
      <ul className="mt-1">
        {(found.data ?? []).map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-3 border-b border-line py-1.5">
            <span>
              {one.person} <span className="text-soft">{WAYS[one.way] ?? one.way}</span>
            </span>
            <span className="text-soft">
              {one.device}, {at(one.at)}
            </span>
            <span className="ml-auto">
              {one.this_one ? (
                <span className="text-soft">{t("this browser")}</span>
              ) : (
                <Button
                  aria-label={t("Sign out {{name}} on {{device}}", { name: one.person, device: one.device })}
                  onClick={() => end.mutate(one.id)}
                >
                  {t("Sign out")}
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Known({ state }: { state: State }) {
  const queries = useQueryClient();
  const found = useQuery({ queryKey: keys.devices, queryFn: peopleApi.devices });
  const [name, setName] = useState("");
  const again = () => {
    void queries.invalidateQueries({ queryKey: keys.devices });
    void askAgain();
  };
  const enrol = useMutation({ mutationFn: () => peopleApi.enrol(name), onSuccess: again });
  const revoke = useMutation({ mutationFn: peopleApi.revoke, onSuccess: again });
  return (
    <section aria-labelledby="devices" className="mt-6 border-t border-line pt-4">
      <h2 id="devices" className="font-semibold">
        {t("Devices")}
      </h2>
      {!state.enrolled && (
        <form
          className="mt-2 grid max-w-md grid-cols-[1fr_auto] items-start gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            enrol.mutate();
          }}
        >
          <TextField
            label={t("This device is the studio’s, and is called")}
            hint={t("On the studio’s devices people sign in with a PIN.")}
            value={name}
            change={setName}
          />
          <p className="pt-6">
            <Button type="submit" disabled={!name.trim() || enrol.isPending}>
              {t("Enrol it")}
            </Button>
          </p>
        </form>
      )}
      <ul className="mt-1">
        {(found.data ?? []).map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-3 border-b border-line py-1.5">
            <span className="font-medium">{one.name}</span>
            <span className="text-soft">
              {one.enrolled ? t("the studio’s") : t("somebody’s own")}, {one.people.join(", ")},{" "}
              {at(one.seen_at)}
            </span>
            <span className="ml-auto">
              {one.this_one ? (
                <span className="text-soft">{t("this one")}</span>
              ) : (
                <Button
                  aria-label={t("Revoke {{device}}", { device: one.name })}
                  onClick={() => revoke.mutate(one.id)}
                >
                  {t("Revoke")}
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-soft">
        {t(
          "Revoking signs everybody out there, and what the device keeps can never be read again; taps it has not sent are lost.",
        )}
      </p>
      {revoke.error instanceof Problem && <Message tone="stop">{revoke.error.message}</Message>}
      <Rules key={`${state.rules.lock_minutes} ${state.rules.kept_days}`} rules={state.rules} />
    </section>
  );
}

function Rules({ rules }: { rules: State["rules"] }) {
  const [minutes, setMinutes] = useState(String(rules.lock_minutes));
  const [days, setDays] = useState(String(rules.kept_days));
  const keep = useMutation({
    mutationFn: () => peopleApi.changeRules({ lock_minutes: Number(minutes), kept_days: Number(days) }),
    onSuccess: () => void askAgain(),
  });
  return (
    <form
      className="mt-4 grid max-w-xl items-start gap-3 sm:grid-cols-[1fr_1fr_auto]"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <TextField
        sort="numeric"
        label={t("Lock after, minutes")}
        hint={t("Without a touch; never while a clock runs.")}
        value={minutes}
        change={setMinutes}
      />
      <TextField
        sort="numeric"
        label={t("Forget what was read after, days")}
        hint={t("Unsent taps stay.")}
        value={days}
        change={setDays}
      />
      <p className="pt-6">
        <Button type="submit" disabled={keep.isPending}>
          {t("Keep")}
        </Button>
      </p>
      {keep.error instanceof Problem && <Message tone="stop">{keep.error.message}</Message>}
    </form>
  );
}
