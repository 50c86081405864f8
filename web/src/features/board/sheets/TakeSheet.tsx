import { t } from "../../../ui/words";
import type { UseQueryResult } from "@tanstack/react-query";
import type { Schemas } from "../../../api/client";
import { Button } from "../../../ui/Button";
import { Sheet } from "../../../ui/Sheet";
import { LookFirst } from "./LookFirst";

/** What taking something over would do, and the way to take it or to look for another. */
export function TakeSheet({
  title,
  look,
  take,
  back,
  onClose,
}: {
  title: string;
  look: UseQueryResult<Schemas["TrialView"]>;
  take: () => void;
  back: () => void;
  onClose: () => void;
}) {
  return (
    <Sheet title={title} open onClose={onClose}>
      <LookFirst of={look} />
      <p className="mt-4 flex gap-2">
        <Button tone="act" disabled={!look.data} onClick={take}>
          {t("Take it")}
        </Button>
        <Button onClick={back}>{t("Another")}</Button>
      </p>
    </Sheet>
  );
}
