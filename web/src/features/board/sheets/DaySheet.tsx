import { t } from "../../../ui/words";
import { Select } from "../../../ui/fields/Select";
import type { Schemas } from "../../../api/client";
import { shortId, NOWHERE } from "../../../api/ids";
import { Button } from "../../../ui/Button";
import { weekdays } from "../../../ui/format";
import { SavedField } from "../../../ui/fields/SavedField";
import { Sheet } from "../../../ui/Sheet";
import { Tick } from "../../../ui/Tick";
import type { Save } from "../keeping/useBoard";

/** Where a day is trained, how long it may take, whether it is a top-up or done alone; repeating it and taking it out. */
export function DaySheet({
  view,
  phase,
  day,
  save,
  onClose,
}: {
  view: Schemas["BoardView"];
  phase: Schemas["PhaseView"];
  day: Schemas["DayView"];
  save: Save;
  onClose: () => void;
}) {
  const set = (
    change: Partial<Pick<Schemas["SetDay"], "place" | "minutes" | "top_up" | "alone">>,
    what: string,
  ) =>
    save(
      [
        {
          op: "set_day",
          day: day.id,
          place: day.place,
          minutes: day.minutes,
          top_up: day.top_up,
          alone: day.alone,
          ...change,
        },
      ],
      `${day.name}: ${what}`,
    );
  const free = weekdays.map((_, n) => n).filter((n) => !phase.days.some((one) => one.weekday === n));
  return (
    <Sheet title={day.name} open onClose={onClose}>
      <form className="grid gap-3" onSubmit={(event) => event.preventDefault()}>
        <Select
          label={t("Place")}
          hint={t("Loads that do not exist there are marked on the board.")}
          value={day.place}
          empty={t("the usual one{{more}}", { more: view.places[0] ? `, ${view.places[0].name}` : "" })}
          options={view.places.map((place) => [place.id, place.name] as const)}
          choose={(place) =>
            set(
              { place: place || NOWHERE },
              `at ${view.places.find((one) => one.id === place)?.name ?? t("the usual place")}`,
            )
          }
        />
        <SavedField
          of={day.id}
          label={t("Minutes")}
          type="numeric"
          value={day.minutes ? String(day.minutes) : ""}
          placeholder={String(view.minutes)}
          hint={t("5 to 240; empty means the client's usual.")}
          save={(text) => {
            const minutes = text ? Number(text) : null;
            if (minutes === null || (Number.isInteger(minutes) && minutes >= 5 && minutes <= 240))
              set({ minutes }, minutes ? t("{{minutes}} min", { minutes }) : t("usual minutes"));
          }}
        />
        <Tick checked={day.top_up} set={(top_up) => set({ top_up }, top_up ? "a top-up" : t("a full day"))}>
          {t("A short optional top-up session")}
        </Tick>
        <Tick
          checked={day.alone}
          set={(alone) => set({ alone }, alone ? t("done alone") : t("done together"))}
        >
          {t("The client does it alone, from a home sheet")}
        </Tick>
      </form>
      <div className="mt-4 flex flex-wrap items-center gap-2 border-t border-line pt-3">
        {free.map((weekday) => (
          <Button
            key={weekday}
            onClick={() => {
              save(
                [
                  {
                    op: "repeat_day",
                    day: day.id,
                    copy_id: shortId("d"),
                    name: t("{{name}} again", { name: day.name }).slice(0, 80),
                    weekday,
                  },
                ],
                `${day.name} repeated on ${weekdays[weekday]}`,
              );
              onClose();
            }}
          >
            {t("Repeat on")} {weekdays[weekday]}
          </Button>
        ))}
        <Button
          tone="stop"
          className="ml-auto"
          onClick={() => {
            save([{ op: "remove_day", day: day.id }], t("{{name}} taken out", { name: day.name }));
            onClose();
          }}
        >
          {t("Take the day out")}
        </Button>
      </div>
    </Sheet>
  );
}
