import { t } from "../ui/words";
import { createBrowserRouter, Link } from "react-router";
import { ClientFile } from "../features/clients/ClientFile";
import { ClientFrame } from "../features/clients/ClientFrame";
import { ClientsView } from "../features/clients/ClientsView";
import { NewClientView } from "../features/clients/NewClientView";
import { TodayView } from "../features/today/TodayView";
import { Button } from "../ui/Button";
import { Message } from "../ui/Message";
import { HelpHost } from "./help/HelpHost";
import { Shell } from "./Shell";

/** Each view has an address; the heavier ones come as files of their own when they are first opened. */
export const router = createBrowserRouter([
  {
    Component: HelpHost,
    HydrateFallback: Nothing,
    children: [
      {
        Component: Shell,
        ErrorBoundary: Broken,
        HydrateFallback: Nothing,
        children: [
          { index: true, handle: { help: "today" }, Component: TodayView },
          { path: "clients", handle: { help: "clients" }, Component: ClientsView },
          { path: "clients/new", handle: { help: "new client" }, Component: NewClientView },
          {
            path: "clients/bring-in",
            handle: { help: "bring in" },
            lazy: async () => ({
              Component: (await import("../features/bringing/BringClientsView")).BringClientsView,
            }),
          },
          {
            path: "clients/:clientId",
            Component: ClientFrame,
            children: [
              { index: true, handle: { help: "client" }, Component: ClientFile },
              {
                path: "health",
                handle: { help: "health" },
                lazy: async () => ({ Component: (await import("../features/health/HealthView")).HealthView }),
              },
              {
                path: "past-sessions",
                handle: { help: "bring in" },
                lazy: async () => ({
                  Component: (await import("../features/bringing/PastSessionsView")).PastSessionsView,
                }),
              },
              {
                path: "report",
                handle: { help: "report" },
                lazy: async () => ({ Component: (await import("../features/report/ReportView")).ReportView }),
              },
              {
                path: "home",
                handle: { help: "home" },
                lazy: async () => ({ Component: (await import("../features/home/HomeView")).HomeView }),
              },
              {
                path: "places",
                handle: { help: "places" },
                lazy: async () => ({ Component: (await import("../features/places/PlacesView")).PlacesView }),
              },
              {
                path: "start",
                handle: { help: "start" },
                lazy: async () => ({ Component: (await import("../features/starting/StartView")).StartView }),
              },
              {
                path: "programs",
                handle: { help: "programs" },
                lazy: async () => ({
                  Component: (await import("../features/programs/ProgramsView")).ProgramsView,
                }),
              },
              {
                path: "tests",
                handle: { help: "client tests" },
                lazy: async () => ({ Component: (await import("../features/testing/TestsView")).TestsView }),
              },
            ],
          },
          {
            path: "library/:exerciseId?",
            handle: { help: "library" },
            lazy: async () => ({ Component: (await import("../features/library/LibraryView")).LibraryView }),
          },
          {
            path: "batteries",
            handle: { help: "batteries" },
            lazy: async () => ({
              Component: (await import("../features/testing/BatteriesView")).BatteriesView,
            }),
          },
          {
            path: "clients/:clientId/progress",
            handle: { help: "progress" },
            lazy: async () => ({
              Component: (await import("../features/progress/ProgressView")).ProgressView,
            }),
          },
          {
            path: "programs/:programId",
            handle: { help: "board" },
            lazy: async () => ({ Component: (await import("../features/board/BoardView")).BoardView }),
          },
          {
            path: "programs/:programId/ahead",
            handle: { help: "ahead" },
            lazy: async () => ({ Component: (await import("../features/ahead/AheadView")).AheadView }),
          },
          {
            path: "programs/:programId/outcome",
            handle: { help: "outcome" },
            lazy: async () => ({
              Component: (await import("../features/programs/OutcomeView")).OutcomeView,
            }),
          },
          {
            path: "programs/:programId/calendar",
            handle: { help: "calendar" },
            lazy: async () => ({
              Component: (await import("../features/calendar/CalendarView")).CalendarView,
            }),
          },
          {
            path: "settings/people",
            handle: { help: "people" },
            lazy: async () => ({ Component: (await import("../features/people/PeopleView")).PeopleView }),
          },
          {
            path: "settings/records",
            handle: { help: "records" },
            lazy: async () => ({ Component: (await import("../features/people/RecordsView")).RecordsView }),
          },
          {
            path: "settings/backups",
            handle: { help: "backups" },
            lazy: async () => ({
              Component: (await import("../features/backups/BackupsView")).BackupsView,
            }),
          },
          {
            path: "settings",
            handle: { help: "settings" },
            lazy: async () => ({
              Component: (await import("../features/settings/SettingsView")).SettingsView,
            }),
          },
          {
            path: "sessions/:sessionId",
            handle: { help: "review" },
            lazy: async () => ({ Component: (await import("../features/review/ReviewView")).ReviewView }),
          },
          ...(import.meta.env.DEV
            ? [
                {
                  path: "kit",
                  lazy: async () => ({ Component: (await import("../features/kit/KitView")).KitView }),
                },
              ]
            : []),
          { path: "*", Component: Nowhere },
        ],
      },
      {
        path: "testing/:roundId",
        handle: { help: "testing" },
        ErrorBoundary: Broken,
        HydrateFallback: Nothing,
        lazy: async () => ({ Component: (await import("../features/testing/TestingView")).TestingView }),
      },
      {
        path: "sessions/:sessionId/summary",
        handle: { help: "summary" },
        ErrorBoundary: Broken,
        HydrateFallback: Nothing,
        lazy: async () => ({ Component: (await import("../features/summary/SummaryView")).SummaryView }),
      },
      {
        path: "floor/:programId/:weekId/:dayId/with/:otherProgram/:otherWeek/:otherDay",
        handle: { help: "floor" },
        ErrorBoundary: Broken,
        HydrateFallback: Nothing,
        lazy: async () => ({ Component: (await import("../features/floor/TwoFloorsView")).TwoFloorsView }),
      },
      {
        path: "floor/:programId/:weekId/:dayId/shared",
        handle: { help: "floor" },
        ErrorBoundary: Broken,
        HydrateFallback: Nothing,
        lazy: async () => ({ Component: (await import("../features/floor/shared/SharedView")).SharedView }),
      },
      {
        path: "floor/:programId/:weekId/:dayId",
        handle: { help: "floor" },
        ErrorBoundary: Broken,
        HydrateFallback: Nothing,
        lazy: async () => ({ Component: (await import("../features/floor/FloorView")).FloorView }),
      },
    ],
  },
]);

function Broken() {
  return (
    <div className="max-w-xl p-6">
      <Message tone="stop">
        {t("This view broke. What you logged is kept in this browser and on the server.")}
        <Button className="mt-2" onClick={() => window.location.reload()}>
          {t("Load it again")}
        </Button>
      </Message>
    </div>
  );
}

function Nothing() {
  return null;
}

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
