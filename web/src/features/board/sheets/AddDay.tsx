import { t } from "../../../ui/words";
import { useState } from "react";
import type { Schemas } from "../../../api/client";
import { shortId } from "../../../api/ids";
import { Button } from "../../../ui/Button";
import { DaySourceSheet } from "./DaySourceSheet";
import type { AddTemplateDay, Edit } from "../keeping/useBoard";

/** Adds a day on the first weekday that is free, an empty one or one of a template. */
export function AddDay({
  view,
  phase,
  compact,
  save,
  addTemplateDay,
}: {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  compact: boolean;
  save: (edits: Edit[], reason: string) => void;
  addTemplateDay: AddTemplateDay;
}) {
  const [choosing, setChoosing] = useState(false);
  const taken = phase.days.map((day) => day.weekday);
  const weekday = [0, 2, 4, 1, 3, 5, 6].find((candidate) => !taken.includes(candidate));
  if (weekday === undefined) return null;
  const name = t("Day {{more}}", { more: phase.days.length + 1 });
  const link = "text-sm font-normal text-soft underline hover:text-ink";
  const add = () =>
    save(
      [{ op: "add_day", phase: phase.id, day: shortId("d"), name, weekday }],
      t("{{name}} added", { name }),
    );
  return (
    <span className={compact ? "contents" : "flex gap-2"}>
      {compact ? (
        <>
          <button type="button" aria-label={t("Add a day")} className={link} onClick={add}>
            {t("a day")}
          </button>
          <button
            type="button"
            aria-label={t("Add an optional day")}
            className={link}
            onClick={() => setChoosing(true)}
          >
            {t("an optional day")}
          </button>
        </>
      ) : (
        <>
          <Button onClick={add}>{t("Add a day")}</Button>
          <Button tone="quiet" onClick={() => setChoosing(true)}>
            {t("Add an optional day")}
          </Button>
        </>
      )}
      {choosing && (
        <DaySourceSheet
          view={view}
          phase={phase}
          take={(source, day) => {
            setChoosing(false);
            addTemplateDay({ ...source, day, phase: phase.id });
          }}
          onClose={() => setChoosing(false)}
        />
      )}
    </span>
  );
}
