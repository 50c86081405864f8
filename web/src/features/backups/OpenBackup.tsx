import { useState } from "react";
import { Problem, type Schemas } from "../../api/client";
import { files } from "../../api/files";
import { Button } from "../../ui/Button";
import { count, clock, fullDate } from "../../ui/format";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { Progress } from "../../ui/pictures/Progress";
import { Sheet } from "../../ui/Sheet";
import { Tick } from "../../ui/Tick";
import { t } from "../../ui/words";
import { useBackupWork } from "./useBackupWork";

/** A backup opened with its passphrase: checked beside the data, or put in their place. */
export function OpenBackup({ backup, onClose }: { backup: Schemas["KeptBackup"]; onClose: () => void }) {
  const [passphrase, setPassphrase] = useState("");
  const [ofAnother, setOfAnother] = useState(false);
  const [sure, setSure] = useState(false);
  const [restored, setRestored] = useState(false);
  const work = useBackupWork();
  const checked = work.data?.checked;
  const at = t("{{day}}, {{time}}", { day: fullDate(backup.made_at), time: clock(backup.made_at) });
  const check = () => {
    setRestored(false);
    work.mutate((signal, step) => files.checkBackup(backup.name, passphrase, signal, step));
  };
  const restore = () => {
    setRestored(true);
    const body = { passphrase, of_another: ofAnother };
    work.mutate((signal, step) => files.restoreBackup(backup.name, body, signal, step));
  };
  return (
    <Sheet title={t("Backup of {{at}}", { at })} open onClose={onClose}>
      <TextField
        sort="password"
        autoComplete="current-password"
        label={t("Its passphrase")}
        value={passphrase}
        change={setPassphrase}
      />
      {work.isPending ? (
        <Progress {...work.step} cancel={work.stop} />
      ) : (
        <p className="mt-3">
          <Button disabled={!passphrase} onClick={check}>
            {t("Check it")}
          </Button>
          <span className="ml-3 text-soft">{t("Opens it beside the data; they stay as they are.")}</span>
        </p>
      )}
      {work.error instanceof Problem && (
        <Message tone="stop" className="mt-3">
          {work.error.message}
        </Message>
      )}
      {checked && (
        <Message tone="done" className="mt-3">
          {restored ? t("Restored.") : t("It is whole.")} {counted(checked)}
          {restored && (
            <Button className="mt-2" onClick={() => window.location.assign("/")}>
              {t("Go on with these data")}
            </Button>
          )}
        </Message>
      )}
      <section aria-labelledby="restore" className="mt-6 border-t border-line pt-4">
        <h3 id="restore" className="font-semibold">
          {t("Restore it")}
        </h3>
        <p className="mb-2 text-soft">
          {t(
            "All data become what they were then; what was written since is no longer there. A backup of now is made first, so that you can go back.",
          )}
        </p>
        <Tick checked={sure} set={setSure}>
          {t("Replace all data with those of {{at}}", { at })}
        </Tick>
        <Tick checked={ofAnother} set={setOfAnother}>
          {t("It was made with another passphrase, or in another studio")}
        </Tick>
        <p className="mt-2">
          <Button tone="act" disabled={!sure || !passphrase || work.isPending} onClick={restore}>
            {t("Restore")}
          </Button>
        </p>
      </section>
    </Sheet>
  );
}

function counted({ counted: of }: Schemas["CheckedBackup"]): string {
  return t("{{clients}}, {{programs}}, {{sessions}}, {{sets}}.", {
    clients: count(of.client ?? 0, "client"),
    programs: count(of.program ?? 0, "program"),
    sessions: count(of.session ?? 0, "session"),
    sets: count(of.performed_set ?? 0, "set"),
  });
}
