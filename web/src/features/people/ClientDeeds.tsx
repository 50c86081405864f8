import { useState } from "react";
import { useMay } from "../../access/access";
import { keys } from "../../api/keys";
import { peopleApi } from "../../api/people";
import type { Schemas } from "../../api/client";
import { t } from "../../ui/words";
import { AuditTrail } from "./AuditTrail";

/** Who did what to a client, asked for when it is opened. */
export function ClientDeeds({ client }: { client: Schemas["ClientView"] }) {
  const [open, setOpen] = useState(false);
  if (!useMay("plan")) return null;
  return (
    <details onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="inline-flex min-h-9 cursor-pointer items-center underline">
        {t("Who did what, and who opened the file")}
      </summary>
      {open && (
        <AuditTrail
          name={keys.clientAudit(client.id)}
          ask={(before) => peopleApi.clientAudit(client.id, before)}
        />
      )}
    </details>
  );
}
