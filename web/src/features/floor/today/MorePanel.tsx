import { t } from "../../../ui/words";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { showAnswer } from "../../../api/changed";
import { api, type Schemas } from "../../../api/client";
import { keys } from "../../../api/keys";
import { useHelp } from "../../../app/help/opening";
import { setTheme, useTheme } from "../../../app/theme";
import { Choice } from "../../../ui/fields/Choice";
import type { ShownFloor } from "../floorState";
import { Offer, Panel } from "./Panel";

const CALLS: readonly (readonly [Schemas["Calls"], string])[] = [
  ["sounds", t("Sounds")],
  ["sounds and speech", t("Sounds and speech")],
  ["silent", t("Silent")],
];
const way =
  "flex min-h-12 items-center rounded-md border border-line-strong bg-raised px-4 text-lg hover:border-ink";

/** What is seldom needed on the floor, a tap each. */
export function MorePanel({
  shown,
  settings,
  open,
  showSigns,
  onDone,
}: {
  shown: ShownFloor;
  settings: Schemas["Settings"];
  open: (panel: "adjust" | "changes" | "beside") => void;
  showSigns: () => void;
  onDone: () => void;
}) {
  const queries = useQueryClient();
  const theme = useTheme();
  const help = useHelp();
  const call = (calls: Schemas["Calls"]) => {
    const wanted = { ...settings, calls };
    void showAnswer(queries, keys.settings, wanted);
    void api.keepSettings(wanted).catch(() => undefined);
  };
  return (
    <Panel title={t("More")} back={t("Back to the set")} onBack={onDone}>
      <div className="mt-4 grid gap-2 @floor:grid-cols-2">
        <Offer title={t("Adjust today")} onClick={() => open("adjust")} />
        <Offer title={t("What was changed")} onClick={() => open("changes")} />
        <Offer title={t("Two clients side by side")} onClick={() => open("beside")} />
        <Offer
          title={t("Warning signs")}
          tone="stop"
          onClick={() => {
            onDone();
            showSigns();
          }}
        />
      </div>
      <div className="mt-6">
        <Choice label={t("Calls")} big value={settings.calls} options={CALLS} choose={call} />
      </div>
      <div className="mt-6 flex flex-wrap gap-2">
        <a
          href={`/floor/${shown.program_id}/${shown.week_id}/${shown.day_id}/shared`}
          target="_blank"
          rel="noreferrer"
          className={way}
          onClick={onDone}
        >
          {t("A window for the client, over a call")}
        </a>
        <button type="button" className={way} onClick={() => setTheme(theme === "dark" ? "light" : "dark")}>
          {theme === "dark" ? t("Light theme") : t("Dark theme")}
        </button>
        <button type="button" className={way} onClick={help}>
          {t("Help")}
        </button>
        <Link to="/settings" className={way}>
          {t("Settings")}
        </Link>
      </div>
    </Panel>
  );
}
