import { signOut, useAccess } from "../../access/access";
import { t } from "../../ui/words";
import { CalendarFeed, LibraryFile } from "./OwnFiles";
import { query } from "../../api/query";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { ScreenLanguage } from "./ScreenLanguage";
import { showAnswer } from "../../api/changed";
import { api, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { play, speak, wakeSound } from "../floor/clock/sound";
import { SingleKeys } from "../../app/keys/SingleKeys";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { Message } from "../../ui/Message";
import { Tick } from "../../ui/Tick";
import { Waiting } from "../../ui/Waiting";

const DEVICE = [
  ["off", t("Off")],
  ["simulated", t("Simulated")],
] as const;
const CALLS = [
  ["sounds", t("Sounds")],
  ["sounds and speech", t("Sounds and speech")],
  ["silent", t("Silent")],
] as const;

/** What the trainer has set for the floor; each choice is kept at once. */
export function SettingsView() {
  const queries = useQueryClient();
  const access = useAccess();
  const settings = useQuery(query.settings());
  const keep = useMutation({
    mutationFn: api.keepSettings,
    onSuccess: (kept) => showAnswer(queries, keys.settings, kept),
  });
  const now = keep.isPending ? keep.variables : settings.data;
  if (!now) return <Waiting shape="file" error={settings.error} retry={() => void settings.refetch()} />;
  const set = (change: Partial<Schemas["Settings"]>) => keep.mutate({ ...now, ...change });
  const hear = () => {
    wakeSound();
    play("go");
    if (now.calls === "sounds and speech") speak(t("Goblet squat. Go"));
  };
  return (
    <div className="mx-auto max-w-3xl px-4 py-6">
      <h1 className="text-2xl font-semibold tracking-tight">{t("Settings")}</h1>
      {keep.error && (
        <Message tone="stop" className="mt-3">
          {keep.error.message}
        </Message>
      )}
      <section className="mt-6 grid gap-3 border-t border-line pt-4">
        <h2 className="font-semibold">{t("Before a session")}</h2>
        <Tick checked={now.ask_readiness} set={(ask) => set({ ask_readiness: ask })}>
          {t("Ask how the client is: sleep, energy, stress, soreness, what hurts")}
        </Tick>
      </section>
      <section className="mt-6 grid gap-3 border-t border-line pt-4">
        <h2 className="font-semibold">{t("Calls on the floor")}</h2>
        <Choice
          label={t("Rests and clocks are called by")}
          value={now.calls}
          options={CALLS}
          choose={(calls) => set({ calls })}
        />
        {now.calls !== "silent" && (
          <p>
            <Button onClick={hear}>{t("Hear it")}</Button>
          </p>
        )}
      </section>
      <section className="mt-6 grid gap-3 border-t border-line pt-4">
        <h2 className="font-semibold">{t("Keys on this device")}</h2>
        <SingleKeys />
      </section>
      <section className="mt-6 grid gap-3 border-t border-line pt-4">
        <h2 className="font-semibold">{t("Devices")}</h2>
        <Choice
          label={t("Repetition sensor on the load")}
          value={now.rep_sensor}
          options={DEVICE}
          choose={(sensor) => set({ rep_sensor: sensor })}
        />
        <Choice
          label={t("Heart-rate strap")}
          value={now.heart_strap}
          options={DEVICE}
          choose={(strap) => set({ heart_strap: strap })}
        />
        <p className="text-soft">
          {t(
            "What a device measures is kept beside the set and marked as measured. It never replaces what you say. A simulated device invents a client who does roughly what was planned.",
          )}
        </p>
      </section>
      <section className="mt-6 grid justify-items-start gap-2 border-t border-line pt-4">
        <h2 className="font-semibold">{t("People")}</h2>
        <Link to="/settings/people" className="inline-flex min-h-9 items-center underline">
          {t("Who is in the studio, signing in, devices")}
        </Link>
        {access.state?.demanded && (
          <p>
            <Button onClick={() => void signOut()}>{t("Sign out of this browser")}</Button>
          </p>
        )}
      </section>
      <section className="mt-6 grid justify-items-start gap-2 border-t border-line pt-4">
        <h2 className="font-semibold">{t("Backups")}</h2>
        <Link to="/settings/backups" className="inline-flex min-h-9 items-center underline">
          {t("Copies of all data: make, check, restore")}
        </Link>
      </section>
      <CalendarFeed />
      <ScreenLanguage />
      <LibraryFile />
    </div>
  );
}
