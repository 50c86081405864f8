import { t } from "../../ui/words";
import { TextField } from "../../ui/fields/Input";
import type { ClientId } from "../../api/ids";
import { useKept } from "../../ui/fields/useKept";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { today } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Sheet } from "../../ui/Sheet";
import { useHealth } from "./useHealth";

const blank = (): Schemas["ClearanceRequest"] => ({
  on: today(),
  by: "",
  up_to: "light to moderate",
  limits: "",
});

/** What a clinician allowed, when, and with which limits. */
export function ClearanceSheet({ clientId, onClose }: { clientId: ClientId; onClose: () => void }) {
  const [draft, setDraft, forget] = useKept(`clearance ${clientId}`, blank);
  const set = (change: Partial<Schemas["ClearanceRequest"]>) => setDraft((now) => ({ ...now, ...change }));
  const { on, by, up_to: upTo, limits } = draft;
  const keep = useHealth(
    () => api.addClearance(clientId, draft),
    () => {
      forget();
      onClose();
    },
  );
  return (
    <Sheet title={t("Clearance")} open onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate(undefined);
        }}
      >
        <div className="grid sm:grid-cols-[1fr_10rem] gap-3">
          <TextField label={t("Given by")} value={by} autoFocus change={(by) => set({ by })} />
          <TextField label={t("On")} sort="date" value={on} change={(on) => set({ on })} />
        </div>
        <Choice
          label={t("Up to")}
          value={upTo}
          options={[
            ["light to moderate", t("Light to moderate")],
            ["vigorous", t("Vigorous")],
          ]}
          choose={(up_to) => set({ up_to })}
        />
        <TextField
          label={t("Limits, if any")}
          hint={t("As the clinician wrote them")}
          value={limits}
          change={(limits) => set({ limits })}
        />
        {keep.error && <Message tone="stop">{keep.error.message}</Message>}
        <Button type="submit" tone="act" disabled={!by.trim() || keep.isPending}>
          {t("Record it")}
        </Button>
      </form>
    </Sheet>
  );
}
