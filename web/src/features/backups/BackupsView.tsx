import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Problem, type Schemas } from "../../api/client";
import { files } from "../../api/files";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { clock, fullDate } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Progress } from "../../ui/pictures/Progress";
import { Waiting } from "../../ui/Waiting";
import { figure, t } from "../../ui/words";
import { OpenBackup } from "./OpenBackup";
import { Passphrase } from "./Passphrase";
import { Schedule } from "./Schedule";
import { useBackupWork } from "./useBackupWork";

const MEGABYTE = 1_000_000;

/** Copies of all data: the newest first, made now or on their own, checked and restored. */
export function BackupsView() {
  const found = useQuery(query.backups());
  const [opened, setOpened] = useState<Schemas["KeptBackup"] | null>(null);
  const making = useBackupWork();
  const view = found.data;
  if (!view) return <Waiting shape="rows" error={found.error} retry={() => void found.refetch()} />;
  return (
    <div className="mx-auto max-w-3xl px-4 py-6">
      <h1 className="text-2xl font-semibold tracking-tight">{t("Backups")}</h1>
      {!view.ready && <Passphrase first />}
      {view.ready && (
        <>
          <section aria-label={t("Make one")} className="mt-3 grid gap-3">
            <p className={view.due ? "text-caution" : "text-soft"}>{newest(view)}</p>
            {making.isPending ? (
              <Progress {...making.step} cancel={making.stop} />
            ) : (
              <p>
                <Button tone="act" onClick={() => making.mutate(files.backUp)}>
                  {t("Back up now")}
                </Button>
              </p>
            )}
            {making.error instanceof Problem && <Message tone="stop">{making.error.message}</Message>}
          </section>
          <BackupList view={view} open={setOpened} />
          <Schedule key={`${view.every_hours} ${view.second_folder}`} view={view} />
          <Passphrase />
        </>
      )}
      {opened && <OpenBackup key={opened.name} backup={opened} onClose={() => setOpened(null)} />}
    </div>
  );
}

function newest(view: Schemas["BackupsView"]): string {
  const last = view.backups[0];
  if (!last) return t("There is none yet.");
  const at = t("{{day}}, {{time}}", { day: fullDate(last.made_at), time: clock(last.made_at) });
  return view.due
    ? t("The newest is of {{at}}: the next is due.", { at })
    : t("The newest is of {{at}}.", { at });
}

function BackupList({
  view,
  open,
}: {
  view: Schemas["BackupsView"];
  open: (backup: Schemas["KeptBackup"]) => void;
}) {
  if (!view.backups.length) return null;
  return (
    <table className="mt-5 w-full text-left">
      <caption className="sr-only">{t("Backups, newest first")}</caption>
      <thead>
        <tr className="border-b-2 border-ink text-sm">
          <th scope="col" className="py-1">
            {t("Made")}
          </th>
          <th scope="col" className="py-1 text-right">
            {t("Size")}
          </th>
          <th scope="col" className="py-1 pl-6">
            {t("Where")}
          </th>
          <td />
        </tr>
      </thead>
      <tbody>
        {view.backups.map((one) => (
          <tr key={one.name} className="border-b border-line">
            <th scope="row" className="py-1.5 font-normal">
              {fullDate(one.made_at)} <span className="text-soft">{clock(one.made_at)}</span>
              {one.before_update && <span className="block text-sm text-soft">{t("before an update")}</span>}
            </th>
            <td className="py-1.5 text-right tabular-nums">
              {t("{{megabytes}} MB", { megabytes: figure((one.size / MEGABYTE).toFixed(1)) })}
            </td>
            <td className="py-1.5 pl-6 text-soft">{one.twice ? t("both folders") : t("here")}</td>
            <td className="py-1.5 text-right">
              <Button
                onClick={() => open(one)}
                aria-label={t("Check or restore the backup of {{day}}, {{time}}", {
                  day: fullDate(one.made_at),
                  time: clock(one.made_at),
                })}
              >
                {t("Check or restore")}
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
