// Each view has an address; the heavier ones come as files of their own when they are first opened.
import type { ComponentType } from "react";
import { Link, type RouteObject } from "react-router";
import { ClientFile } from "../features/clients/ClientFile";
import { ClientFrame } from "../features/clients/ClientFrame";
import { TodayView } from "../features/today/TodayView";
import { t } from "../ui/words";
import type { HelpKey } from "./help/titles";
import { laterView, type LaterView } from "./laterView";
import { Shell } from "./Shell";

const later = {
  ahead: laterView(async () => (await import("../features/ahead/AheadView")).AheadView),
  backups: laterView(async () => (await import("../features/backups/BackupsView")).BackupsView),
  batteries: laterView(async () => (await import("../features/testing/BatteriesView")).BatteriesView),
  board: laterView(async () => (await import("../features/board/BoardView")).BoardView),
  bringClients: laterView(
    async () => (await import("../features/bringing/BringClientsView")).BringClientsView,
  ),
  calendar: laterView(async () => (await import("../features/calendar/CalendarView")).CalendarView),
  clients: laterView(async () => (await import("../features/clients/ClientsView")).ClientsView),
  floor: laterView(async () => (await import("../features/floor/FloorView")).FloorView),
  health: laterView(async () => (await import("../features/health/HealthView")).HealthView),
  home: laterView(async () => (await import("../features/home/HomeView")).HomeView),
  library: laterView(async () => (await import("../features/library/LibraryView")).LibraryView),
  newClient: laterView(async () => (await import("../features/clients/NewClientView")).NewClientView),
  outcome: laterView(async () => (await import("../features/programs/OutcomeView")).OutcomeView),
  pastSessions: laterView(
    async () => (await import("../features/bringing/PastSessionsView")).PastSessionsView,
  ),
  people: laterView(async () => (await import("../features/people/PeopleView")).PeopleView),
  places: laterView(async () => (await import("../features/places/PlacesView")).PlacesView),
  programs: laterView(async () => (await import("../features/programs/ProgramsView")).ProgramsView),
  progress: laterView(async () => (await import("../features/progress/ProgressView")).ProgressView),
  records: laterView(async () => (await import("../features/people/RecordsView")).RecordsView),
  report: laterView(async () => (await import("../features/report/ReportView")).ReportView),
  review: laterView(async () => (await import("../features/review/ReviewView")).ReviewView),
  settings: laterView(async () => (await import("../features/settings/SettingsView")).SettingsView),
  shared: laterView(async () => (await import("../features/floor/shared/SharedView")).SharedView),
  start: laterView(async () => (await import("../features/starting/StartView")).StartView),
  summary: laterView(async () => (await import("../features/summary/SummaryView")).SummaryView),
  testing: laterView(async () => (await import("../features/testing/TestingView")).TestingView),
  tests: laterView(async () => (await import("../features/testing/TestsView")).TestsView),
  twoFloors: laterView(async () => (await import("../features/floor/TwoFloorsView")).TwoFloorsView),
} satisfies Record<string, LaterView>;

/** A view at an address, with the help that is its own. */
const view = (path: string, help: HelpKey, Component: ComponentType): RouteObject => ({
  ...(path ? { path } : { index: true }),
  handle: { help },
  Component,
});

export const routes: readonly RouteObject[] = [
  {
    Component: Shell,
    children: [
      view("", "today", TodayView),
      view("clients", "clients", later.clients),
      view("clients/new", "new client", later.newClient),
      view("clients/bring-in", "bring in", later.bringClients),
      {
        path: "clients/:clientId",
        Component: ClientFrame,
        children: [
          view("", "client", ClientFile),
          view("health", "health", later.health),
          view("past-sessions", "bring in", later.pastSessions),
          view("report", "report", later.report),
          view("home", "home", later.home),
          view("places", "places", later.places),
          view("start", "start", later.start),
          view("programs", "programs", later.programs),
          view("tests", "client tests", later.tests),
        ],
      },
      view("library/:exerciseId?", "library", later.library),
      view("batteries", "batteries", later.batteries),
      view("clients/:clientId/progress", "progress", later.progress),
      view("programs/:programId", "board", later.board),
      view("programs/:programId/ahead", "ahead", later.ahead),
      view("programs/:programId/outcome", "outcome", later.outcome),
      view("programs/:programId/calendar", "calendar", later.calendar),
      view("settings/people", "people", later.people),
      view("settings/records", "records", later.records),
      view("settings/backups", "backups", later.backups),
      view("settings", "settings", later.settings),
      view("sessions/:sessionId", "review", later.review),
      ...(import.meta.env.DEV
        ? [
            {
              path: "kit",
              Component: laterView(async () => (await import("../features/kit/KitView")).KitView),
            },
          ]
        : []),
      { path: "*", Component: Nowhere },
    ],
  },
  view("testing/:roundId", "testing", later.testing),
  view("sessions/:sessionId/summary", "summary", later.summary),
  view("floor/:programId/:weekId/:dayId/with/:otherProgram/:otherWeek/:otherDay", "floor", later.twoFloors),
  view("floor/:programId/:weekId/:dayId/shared", "floor", later.shared),
  view("floor/:programId/:weekId/:dayId", "floor", later.floor),
];

/** Code of the views that are likely next, in this order. */
export const likelyNext: readonly (() => Promise<unknown>)[] = [
  later.floor.fetch,
  later.clients.fetch,
  () => import("../features/clients/ClientFileView"),
  later.board.fetch,
  later.review.fetch,
  later.summary.fetch,
  later.progress.fetch,
  later.health.fetch,
  () => import("./help/HelpSheet"),
];

function Nowhere() {
  return (
    <p className="p-6">
      {t("There is nothing at this address.")}{" "}
      <Link to="/" className="underline">
        {t("Go to Today")}
      </Link>
    </p>
  );
}
