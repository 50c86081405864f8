// The sheets a client was given, each to be had again; a code lets one send to the studio's address.
import { t } from "../../ui/words";
import { useMutation } from "@tanstack/react-query";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { count, fullDate } from "../../ui/format";
import { Of } from "../../ui/Of";
import { SheetLinks } from "./SheetLinks";

export function GivenSheets({ view }: { view: Schemas["HomeView"] }) {
  return (
    <section aria-labelledby="given-sheets">
      <h2 id="given-sheets" className="text-lg font-semibold">
        {t("Sheets given")}
      </h2>
      {view.sheets.length === 0 ? (
        <p className="text-soft">{t("None yet.")}</p>
      ) : (
        <ul className="mt-1 border-t border-line">
          {view.sheets.map((sheet) => (
            <Given key={sheet.id} sheet={sheet} />
          ))}
        </ul>
      )}
    </section>
  );
}

function Given({ sheet }: { sheet: Schemas["GivenSheet"] }) {
  const code = useMutation({ mutationFn: () => api.sendCode(sheet.id) });
  const name = sheet.days.join(", ");
  return (
    <li className="border-b border-line py-2">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <span className="grow font-medium">{name}</span>
        <span className="text-soft">{fullDate(sheet.made_at.slice(0, 10))}</span>
      </div>
      <div className="flex flex-wrap items-center gap-x-4">
        <SheetLinks id={sheet.id} of={name} />
        <Button tone="quiet" disabled={code.isPending} onClick={() => code.mutate()}>
          {t("Code for sending")}
          <Of what={name} />
        </Button>
      </div>
      {code.data && (
        <p role="status">
          <span className="text-2xl font-semibold tracking-widest">{code.data.code}</span>{" "}
          <span className="text-soft">
            {t("holds for one result and {{minutes}}, in the studio’s own network, at {{origin}}", {
              minutes: count(code.data.minutes, "minute"),
              origin: window.location.origin,
            })}
          </span>
        </p>
      )}
    </li>
  );
}
