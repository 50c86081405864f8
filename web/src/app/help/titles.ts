// What each view is called: in the page's title, and by its help.
import { t } from "../../ui/words";

export const titleOf = {
  today: t("Today"),
  clients: t("Clients"),
  "new client": t("New client"),
  "bring in": t("Bringing in"),
  client: t("Client file"),
  health: t("Health"),
  places: t("Places"),
  start: t("Starting a program"),
  "client tests": t("Tests of a client"),
  library: t("Library"),
  batteries: t("Tests"),
  progress: t("Progress"),
  board: t("Program board"),
  ahead: t("Looking ahead"),
  programs: t("Past and next"),
  report: t("Report"),
  home: t("At home"),
  outcome: t("What came of it"),
  calendar: t("Calendar"),
  people: t("People and signing in"),
  records: t("Records"),
  backups: t("Backups"),
  settings: t("Settings"),
  review: t("After the session"),
  summary: t("Summary"),
  testing: t("Testing"),
  floor: t("Floor"),
} as const satisfies Record<string, string>;

export type HelpKey = keyof typeof titleOf;
