import { useAccess } from "../../../access/access";
import { t } from "../../../ui/words";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { changed } from "../../../api/changed";
import { api, Problem, type Schemas } from "../../../api/client";
import type { ProgramId } from "../../../api/ids";
import { Button } from "../../../ui/Button";
import { Input } from "../../../ui/fields/Input";
import { Message } from "../../../ui/Message";
import { Tick } from "../../../ui/Tick";
import { fromProgram } from "../../starting/source";

/** Keeps a phase as a template of one's own, for every client; the loads stay with this one. */
export function KeepTemplate({ program, phase }: { program: ProgramId; phase: Schemas["PhaseView"] }) {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState(phase.name);
  const [suits, setSuits] = useState("");
  const [mine, setMine] = useState(false);
  const { state } = useAccess();
  const keep = useMutation({
    mutationFn: () => api.keepTemplate({ ...fromProgram(program, phase.id), name: name.trim(), suits, mine }),
    onSuccess: async () => {
      setOpen(false);
      await changed(queries, "templates");
    },
  });
  if (!open)
    return (
      <p className="mt-1 flex items-center gap-3 text-sm">
        <button
          type="button"
          className="min-h-6 underline"
          aria-label={t("Keep as a template: {{name}}", { name: phase.name })}
          onClick={() => setOpen(true)}
        >
          {t("Keep as a template")}
        </button>
        <span role="status" className="text-done">
          {keep.isSuccess && t("Kept, without this client’s loads; it stands first among the templates.")}
        </span>
      </p>
    );
  return (
    <div className="mt-1 rounded bg-sunk p-2">
      {keep.error instanceof Problem && <Message tone="stop">{keep.error.message}</Message>}
      <div className="flex flex-wrap items-end gap-3">
        <label className="grid gap-1 text-sm font-medium">
          {t("Name of the template")}
          <Input value={name} maxLength={80} change={setName} className="w-52" />
        </label>
        <label className="grid grow gap-1 text-sm font-medium">
          {t("Whom it suits")}
          <Input value={suits} maxLength={200} change={setSuits} wide />
        </label>
        {state?.demanded && (
          <Tick checked={mine} set={setMine}>
            {t("For me alone")}
          </Tick>
        )}
        <Button disabled={!name.trim() || keep.isPending} onClick={() => keep.mutate()}>
          {t("Keep it")}
        </Button>
      </div>
    </div>
  );
}
