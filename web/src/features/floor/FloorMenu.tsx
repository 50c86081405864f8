import { t } from "../../ui/words";
import { Ellipsis } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { useHelp } from "../../app/help/opening";
import { setTheme, useTheme } from "../../app/theme";

const CALLS: readonly (readonly [Schemas["Calls"], string])[] = [
  ["sounds", t("Sounds")],
  ["sounds and speech", t("Sounds and speech")],
  ["silent", t("Silent")],
];
const item =
  "flex min-h-12 items-center rounded px-3 text-lg outline-none data-[highlighted]:bg-sunk data-[state=checked]:font-semibold";

/** What is seldom needed on the floor. */
export function FloorMenu({
  calls,
  setCalls,
  onAdjust,
  onChanges,
  onBeside,
  shared,
  showSigns,
}: {
  calls: Schemas["Calls"];
  setCalls: (calls: Schemas["Calls"]) => void;
  onAdjust: () => void;
  onChanges: () => void;
  onBeside: () => void;
  /** The address of the window for a call. */
  shared: string;
  showSigns: () => void;
}) {
  const theme = useTheme();
  const help = useHelp();
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label={t("More")}
        className="grid size-12 shrink-0 place-items-center rounded-md hover:bg-sunk"
      >
        <Ellipsis aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Content
        align="end"
        className="z-30 min-w-64 rounded-lg border border-line bg-raised p-1.5 text-ink shadow-xl"
      >
        <DropdownMenu.Item className={item} onSelect={onAdjust}>
          {t("Adjust today")}
        </DropdownMenu.Item>
        <DropdownMenu.Item className={item} onSelect={onChanges}>
          {t("What was changed")}
        </DropdownMenu.Item>
        <DropdownMenu.Item className={item} onSelect={onBeside}>
          {t("Two clients side by side")}
        </DropdownMenu.Item>
        <DropdownMenu.Item className={item} asChild>
          <a href={shared} target="_blank" rel="noreferrer">
            {t("A window for the client, over a call")}
          </a>
        </DropdownMenu.Item>
        <DropdownMenu.Item className={`${item} text-stop`} onSelect={showSigns}>
          {t("Warning signs")}
        </DropdownMenu.Item>
        <DropdownMenu.Separator className="my-1 border-t border-line" />
        <DropdownMenu.Label className="px-3 pt-1 text-sm text-soft">{t("Calls")}</DropdownMenu.Label>
        <DropdownMenu.RadioGroup value={calls} onValueChange={(value) => setCalls(value as Schemas["Calls"])}>
          {CALLS.map(([value, words]) => (
            <DropdownMenu.RadioItem key={value} value={value} className={item}>
              <span className="w-6">{value === calls ? "✓" : ""}</span>
              {words}
            </DropdownMenu.RadioItem>
          ))}
        </DropdownMenu.RadioGroup>
        <DropdownMenu.Separator className="my-1 border-t border-line" />
        <DropdownMenu.Item className={item} onSelect={() => setTheme(theme === "dark" ? "light" : "dark")}>
          {theme === "dark" ? t("Light theme") : t("Dark theme")}
        </DropdownMenu.Item>
        <DropdownMenu.Item className={item} onSelect={help}>
          {t("Help")}
        </DropdownMenu.Item>
        <DropdownMenu.Item className={item} asChild>
          <Link to="/settings">{t("Settings")}</Link>
        </DropdownMenu.Item>
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}
