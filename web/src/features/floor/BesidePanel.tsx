import { t } from "../../ui/words";
import { useQuery } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { query } from "../../api/query";
import { Part } from "../../ui/Waiting";
import type { ShownFloor } from "./floorState";
import { usePane } from "./pane";
import { Offer, Panel } from "./today/Panel";

/** Another of today's sessions beside this one, each with its own clock; or this one on its own again. */
export function BesidePanel({ shown, onDone }: { shown: ShownFloor; onDone: () => void }) {
  const today = useQuery(query.today());
  const navigate = useNavigate();
  const { beside } = usePane();
  const here = `/floor/${shown.program_id}/${shown.week_id}/${shown.day_id}`;
  return (
    <Panel title={t("Two clients side by side")} back={t("Back to the set")} onBack={onDone}>
      <div className="mt-3 grid gap-2">
        {beside && (
          <Offer title={t("Only {{client}}", { client: shown.client })} onClick={() => void navigate(here)} />
        )}
        <Part of={today}>
          {({ sessions }) => {
            const others = sessions.filter(
              (one) => one.session_id !== shown.session_id && one.state !== "finished",
            );
            return (
              <>
                {others.map((one) => (
                  <Offer
                    key={one.session_id}
                    title={one.client}
                    more={t("{{day}}, week {{week}}", { day: one.day, week: one.week })}
                    onClick={() => {
                      onDone();
                      void navigate(`${here}/with/${one.program_id}/${one.week_id}/${one.day_id}`);
                    }}
                  />
                ))}
                {others.length === 0 && <p className="text-soft">{t("Nobody else is planned for today.")}</p>}
              </>
            );
          }}
        </Part>
      </div>
    </Panel>
  );
}
