import { TextField } from "../../ui/Input";
import type { ClientId } from "../../api/ids";
import { useState } from "react";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { today } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Sheet } from "../../ui/Sheet";
import { useHealth } from "./useHealth";

/** What a clinician allowed, when, and with which limits. */
export function ClearanceSheet({ clientId, onClose }: { clientId: ClientId; onClose: () => void }) {
  const [on, setOn] = useState(today());
  const [by, setBy] = useState("");
  const [upTo, setUpTo] = useState<Schemas["Intensity"]>("light to moderate");
  const [limits, setLimits] = useState("");
  const keep = useHealth(() => api.addClearance(clientId, { on, by, up_to: upTo, limits }), onClose);
  return (
    <Sheet title="Clearance" open onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate(undefined);
        }}
      >
        <div className="grid grid-cols-[1fr_10rem] gap-3">
          <TextField label="Given by" value={by} autoFocus change={setBy} />
          <TextField label="On" sort="date" value={on} change={setOn} />
        </div>
        <Choice
          label="Up to"
          value={upTo}
          options={[
            ["light to moderate", "Light to moderate"],
            ["vigorous", "Vigorous"],
          ]}
          choose={setUpTo}
        />
        <TextField
          label="Limits, if any"
          hint="As the clinician wrote them"
          value={limits}
          change={setLimits}
        />
        {keep.error && <Message tone="stop">{keep.error.message}</Message>}
        <Button type="submit" tone="act" disabled={!by.trim() || keep.isPending}>
          Record it
        </Button>
      </form>
    </Sheet>
  );
}
