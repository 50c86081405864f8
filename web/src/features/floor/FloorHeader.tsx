import { t } from "../../ui/words";
import { ArrowLeft, Check, CloudOff, RefreshCw } from "lucide-react";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { Button } from "../../ui/Button";
import { clock, count, minutes } from "../../ui/format";
import { usePane } from "./pane";
import type { ShownFloor } from "./floorState";

/** Who trains, how long it takes, whether all is on the server, and the way out. */
export function FloorHeader({
  shown,
  away,
  waiting,
  refused,
  allDone,
  onFinish,
  sign,
  menu,
}: {
  shown: ShownFloor;
  away: boolean;
  waiting: number;
  refused: number;
  allDone: boolean;
  onFinish: () => void;
  sign: ReactNode;
  menu: ReactNode;
}) {
  const { beside } = usePane();
  // A page has one banner and one main part; beside another each floor is a region of its own.
  const Bar = beside ? "div" : "header";
  const here = shown.places.find((place) => place.here);
  return (
    <Bar className="flex items-center gap-x-2 gap-y-1 border-b border-line bg-raised px-2 py-2 short:pt-1 short:pb-2 @floor:gap-x-3 @floor:px-3 @max-floor:flex-wrap">
      <Link
        to="/"
        aria-label={t("Back to Today")}
        className="grid size-12 shrink-0 place-items-center rounded-md hover:bg-sunk"
      >
        <ArrowLeft aria-hidden />
      </Link>
      <div className="min-w-0 @max-floor:grow @max-floor:basis-0">
        <h1 className={beside ? "sr-only" : "truncate text-lg leading-tight font-semibold"}>
          {shown.client}
        </h1>
        <p className="truncate text-sm text-soft">
          {t("{{day}}, week {{week}} · about {{estimated_seconds}} of {{minutes}} min", {
            day: shown.day,
            week: shown.week,
            estimated_seconds: minutes(shown.estimated_seconds),
            minutes: shown.minutes,
          })}
          {shown.finished_at &&
            ` ${t("· finished {{finished_at}}, what you log now still counts", { finished_at: clock(shown.finished_at) })}`}
          {here?.note && ` · ${here.note}`}
        </p>
      </div>
      {sign}
      <Connection away={away} waiting={waiting} refused={refused} />
      <Button className="min-h-12" tone={allDone ? "act" : "plain"} onClick={onFinish}>
        {shown.finished_at ? t("Summary") : t("Finish")}
      </Button>
      {menu}
    </Bar>
  );
}

function Connection({ away, waiting, refused }: { away: boolean; waiting: number; refused: number }) {
  if (refused > 0)
    return (
      <p role="status" className="ml-auto text-sm whitespace-nowrap text-stop">
        {t("{{refused}} not taken", { refused })}
      </p>
    );
  if (!away && waiting === 0) {
    return (
      <p role="status" className="ml-auto flex items-center gap-1 text-sm whitespace-nowrap text-done">
        <Check size={18} className="@floor:hidden" aria-hidden />
        <span className="@max-floor:sr-only">{t("Saved")}</span>
      </p>
    );
  }
  return (
    <p
      role="status"
      className={`ml-auto flex items-center gap-1.5 text-sm leading-tight font-medium text-caution ${
        // On a phone it has a line of its own: beside the name there is no room for it.
        away ? "@max-floor:order-last @max-floor:basis-full @max-floor:justify-center" : ""
      }`}
    >
      {away ? (
        <CloudOff size={18} className="shrink-0" aria-hidden />
      ) : (
        <RefreshCw size={18} className="shrink-0" aria-hidden />
      )}
      {away
        ? t("Server away, {{taps}} kept here", { taps: count(waiting, "tap") })
        : t("Saving {{waiting}}", { waiting })}
    </p>
  );
}
