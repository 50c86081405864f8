import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { showAnswer } from "../../api/changed";
import { Problem, type Schemas } from "../../api/client";
import { files } from "../../api/files";
import { keys } from "../../api/keys";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { t } from "../../ui/words";

/** How often a backup is made, where they lie, and where else. */
export function Schedule({ view }: { view: Schemas["BackupsView"] }) {
  const queries = useQueryClient();
  const [hours, setHours] = useState(String(view.every_hours));
  const [second, setSecond] = useState(view.second_folder);
  const save = useMutation({
    mutationFn: () => files.changeBackups({ every_hours: Number(hours), second_folder: second }),
    onSuccess: (saved) => showAnswer(queries, keys.backups, saved),
  });
  const right = /^\d{1,3}$/.test(hours) && Number(hours) >= 1 && Number(hours) <= 168;
  return (
    <section aria-labelledby="schedule" className="mt-6 border-t border-line pt-4">
      <h2 id="schedule" className="font-semibold">
        {t("On its own")}
      </h2>
      <p className="text-soft">
        {t(
          "Into {{folder}}, while the app runs. The newest of each of {{days}} days and of {{weeks}} weeks is kept, and all of the last two days; older ones expire, also those that hold a client who was removed since.",
          { folder: view.folder, days: view.days, weeks: view.weeks },
        )}
      </p>
      <div className="mt-3 grid max-w-md gap-3">
        <TextField
          sort="numeric"
          label={t("Hours between two")}
          problem={right ? undefined : t("1 to 168 hours.")}
          value={hours}
          change={setHours}
        />
        <TextField
          label={t("A second folder, on another disk")}
          hint={t("Whole, from the root on, as the machine of the app names it; empty for none.")}
          value={second}
          change={setSecond}
        />
        <p>
          <Button disabled={!right || save.isPending} onClick={() => save.mutate()}>
            {t("Save")}
          </Button>
        </p>
        {save.error instanceof Problem && <Message tone="stop">{save.error.message}</Message>}
        {save.isSuccess && <Message tone="done">{t("Saved")}</Message>}
      </div>
    </section>
  );
}
