// The sheet: its days, one of them open, and what to stop for always at hand.
import { useRef, useState } from "react";
import { placeOf, type Day, type Sheet } from "./data";
import { DayView } from "./DayView";
import { Part, Tap } from "./parts";
import { t } from "./phrases";
import { keptLog } from "./useDayLog";

export function HomeSheet({ sheet }: { sheet: Sheet }) {
  const only = sheet.days.length === 1 ? sheet.days[0] : undefined;
  const [open, setOpen] = useState<Day | undefined>(only);
  const signs = useRef<HTMLDialogElement>(null);
  return (
    <div className="mx-auto flex min-h-dvh max-w-xl flex-col px-4 pb-4">
      <header className="flex min-h-16 items-center gap-3 border-b border-line py-2">
        {open && !only && (
          <button
            type="button"
            className="min-h-12 min-w-12 rounded-lg text-2xl"
            aria-label={t("All days")}
            onClick={() => setOpen(undefined)}
          >
            ‹
          </button>
        )}
        <h1 className="grow text-lg leading-tight font-semibold">
          {open ? open.name : `${t("At home")}: ${sheet.client}`}
          {open && <span className="block text-sm font-normal text-soft">{open.on_words}</span>}
        </h1>
        <button
          type="button"
          className="min-h-12 rounded-lg border border-stop px-3 text-stop"
          onClick={() => signs.current?.showModal()}
        >
          {t("Warning signs")}
        </button>
      </header>
      {open ? (
        <DayView key={placeOf(sheet, open)} sheet={sheet} day={open} />
      ) : (
        <main>
          <Days sheet={sheet} open={setOpen} />
          <Part title={t("While you train alone")}>
            <ul className="list-disc space-y-1 pl-5">
              {sheet.stop_rules.map((rule) => (
                <li key={rule}>{rule}</li>
              ))}
            </ul>
          </Part>
        </main>
      )}
      <dialog
        ref={signs}
        aria-labelledby="signs"
        className="m-auto max-h-[90dvh] max-w-md overflow-auto rounded-xl bg-raised p-5 text-ink"
      >
        <h2 id="signs" className="text-xl font-semibold text-stop">
          {t("Stop when you notice")}
        </h2>
        <ul className="mt-3 list-disc space-y-1.5 pl-5 text-lg">
          {sheet.signs.map((sign) => (
            <li key={sign}>{sign}</li>
          ))}
        </ul>
        <p className="mt-3 text-lg font-medium">{sheet.what_to_do}</p>
        <Tap className="mt-4 w-full" onClick={() => signs.current?.close()}>
          {t("Close")}
        </Tap>
      </dialog>
    </div>
  );
}

function Days({ sheet, open }: { sheet: Sheet; open: (day: Day) => void }) {
  return (
    <Part title={sheet.program}>
      <ul className="grid gap-2">
        {sheet.days.map((day) => {
          const log = keptLog(placeOf(sheet, day));
          const state = log.ended ? t("done") : log.begun ? t("begun") : "";
          return (
            <li key={placeOf(sheet, day)}>
              <button
                type="button"
                className="flex min-h-16 w-full items-center gap-3 rounded-lg border border-line-strong bg-raised px-4 py-2 text-left"
                onClick={() => open(day)}
              >
                <span className="grow">
                  <span className="block text-lg font-semibold">{day.name}</span>
                  <span className="block text-soft">
                    {day.on_words} · {t("about {{minutes}} min", { minutes: day.minutes })}
                  </span>
                </span>
                {state && <span className="font-medium text-done">{state}</span>}
              </button>
            </li>
          );
        })}
      </ul>
    </Part>
  );
}
