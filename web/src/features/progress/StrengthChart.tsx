import { named, t } from "../../ui/words";
import { Picker } from "../../ui/fields/Select";
import { Picture } from "../../ui/pictures/Picture";
import { extent, max, min } from "d3-array";
import { scaleLinear, scaleUtc } from "d3-scale";
import { area, line } from "d3-shape";
import type { Schemas } from "../../api/client";
import { YTicks } from "./YTicks";
import { writingDays } from "../../ui/format";
import { Decision, Phases, Test } from "./ChartNotes";
import { day, useChartRoom } from "./chartRoom";

type Session = Schemas["SessionPoint"];
interface Figure {
  session: Session;
  value: number;
}

const figure = (value: string | null | undefined) => (value == null ? null : Number(value));

/** Sets as dots, the plan as steps, the estimated maximum as a line; where nothing is lifted, reps or seconds instead. */
export function StrengthChart({
  view,
  chosen,
  choose,
}: {
  view: Schemas["ProgressView"];
  chosen: string | null;
  choose: (session: string) => void;
}) {
  const { sessions } = view;
  const { ref, room } = useChartRoom();
  const [begins, ends, foot] = [room.left, room.width - room.right, room.height - room.bottom];
  const [half, apart] = room.narrow ? [9, 5] : [24, 9];
  const written = writingDays(sessions.map((session) => session.on));
  const loaded = sessions.some((session) => session.sets.some((set) => set.moved !== null));
  const far = sessions.some((session) => session.metres);
  const amount = (set: Session["sets"][number]) =>
    far ? (set.metres == null ? null : set.metres / 1000) : (set.seconds ?? set.reps);
  const timed = sessions.some((session) => session.sets.some((set) => set.seconds !== null));
  const read = (set: Session["sets"][number]) => (loaded ? figure(set.moved) : amount(set));
  const planned = points(sessions, (s) =>
    loaded ? figure(s.planned_moved) : far && s.planned_amount ? s.planned_amount / 1000 : s.planned_amount,
  );
  const estimates = points(sessions, (s) => (loaded ? figure(s.estimate) : null));
  const byDay = new Map(sessions.map((session) => [session.on, session]));
  const band = loaded
    ? (view.strength?.path ?? []).flatMap((point) => {
        const session = byDay.get(point.on);
        return session
          ? [{ session, value: Number(point.value), low: Number(point.low), high: Number(point.high) }]
          : [];
      })
    : [];
  const dots = sessions.flatMap((session) =>
    session.sets.flatMap((set) => {
      const value = read(set);
      return value === null ? [] : [{ session, value, set }];
    }),
  );
  const tests = loaded
    ? view.tests.flatMap((test) => (test.value === null ? [] : [{ ...test, at: Number(test.value) }]))
    : [];
  const values = [
    ...tests.map((test) => test.at),
    ...[...dots, ...planned, ...estimates].map((point) => point.value),
    ...band.flatMap((point) => [point.low, point.high]),
  ];
  const low = min(values) ?? 0;
  const high = max(values) ?? 1;
  const above = Math.max((high - low) * 0.12, high * 0.03, 1);
  const [first, last] = extent([...sessions, ...tests], (one) => day(one.on));
  const x = scaleUtc()
    .domain([first ?? new Date(), last ?? new Date()])
    .range([begins + half + 12, ends]);
  const y = scaleLinear()
    .domain([Math.max(0, low - above), high + above])
    .nice()
    .range([foot, room.top]);
  const unit = loaded ? view.unit : far ? "km" : timed ? "s" : "reps";
  const at = (session: Session) => x(day(session.on));
  const path = line<Figure>()
    .x((point) => at(point.session))
    .y((point) => y(point.value));
  const around = area<(typeof band)[number]>()
    .x((point) => at(point.session))
    .y0((point) => y(point.low))
    .y1((point) => y(point.high));
  const end = (list: Figure[]) => list.at(-1);
  const estimateEnd = end(estimates);
  const plannedEnd = end(planned);
  return (
    <figure ref={ref} className="mt-2">
      <figcaption className="sr-only">
        {t(
          "{{exercise}}: {{sessions}} sessions, {{unit}} by date. The table below says the same in figures.",
          { exercise: view.exercise, sessions: sessions.length, unit },
        )}
      </figcaption>
      <Picture says={null} box={[room.width, room.height]}>
        <text x={4} y={12} className="fill-soft text-[13px]">
          {named(unit)}
          {loaded && view.with_body ? t(", body weight included") : ""}
        </text>
        <YTicks ticks={y.ticks(5)} y={y} left={begins} right={ends + 10} />
        {sessions
          .filter((_, index) => index % Math.ceil(sessions.length / room.days) === 0)
          .map((session) => (
            <text
              key={session.id}
              x={at(session)}
              y={room.height - 10}
              textAnchor="middle"
              className="fill-soft text-[13px]"
            >
              {written(session.on)}
            </text>
          ))}
        <Phases phases={view.phases} x={x} room={room} />
        <path d={around(band) ?? ""} fill="var(--color-ink)" fillOpacity={0.09} />
        <path
          d={path(band) ?? ""}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={1.5}
          strokeDasharray="5 4"
        />
        {planned.map((point) => (
          <line
            key={point.session.id}
            x1={at(point.session) - half}
            x2={at(point.session) + half}
            y1={y(point.value)}
            y2={y(point.value)}
            stroke="var(--color-outline)"
            strokeWidth={2}
          />
        ))}
        <path d={path(estimates) ?? ""} fill="none" stroke="var(--color-ink)" strokeWidth={2} />
        {estimates.map((point) => (
          <rect
            key={point.session.id}
            x={at(point.session) - 3.5}
            y={y(point.value) - 3.5}
            width={7}
            height={7}
            fill="var(--color-ink)"
          />
        ))}
        {dots.map(({ session, value, set }, index) => (
          <circle
            key={index}
            cx={at(session) + spread(session, set) * apart}
            cy={y(value)}
            r={room.narrow ? 3 : 4}
            fill="var(--color-done)"
          />
        ))}
        {estimateEnd && (
          <text
            x={at(estimateEnd.session) + 14}
            y={y(estimateEnd.value) + 4}
            className="fill-ink text-[13px] font-semibold"
          >
            {t("estimated max")}
          </text>
        )}
        {plannedEnd && (
          <>
            <text
              x={at(plannedEnd.session) + half + 6}
              y={y(plannedEnd.value) - 4}
              className="fill-soft text-[13px]"
            >
              {t("planned")}
            </text>
            <text
              x={at(plannedEnd.session) + half + 6}
              y={y(plannedEnd.value) + 13}
              className="fill-done text-[13px] font-semibold"
            >
              {t("sets done")}
            </text>
          </>
        )}
        {tests.map((test) => (
          <Test key={test.on} test={test} unit={view.unit} at={[x(day(test.on)), y(test.at)]} from={begins} />
        ))}
        {view.decisions.map((decision) => (
          <Decision
            key={`${decision.on}${decision.taken}`}
            decision={decision}
            at={x(day(decision.on))}
            foot={foot}
          />
        ))}
        {sessions.map((session) => (
          <rect
            key={session.id}
            x={at(session) - 16}
            y={room.top}
            width={32}
            height={foot - room.top}
            fill="var(--color-ink)"
            fillOpacity={session.id === chosen ? 0.07 : 0}
            className="cursor-pointer hover:fill-ink/5"
            onClick={() => choose(session.id)}
          />
        ))}
      </Picture>
      <label className="text-sm text-soft">
        {t("Session")}{" "}
        <Picker
          value={chosen ?? ""}
          choose={choose}
          options={[...sessions].reverse().map((session) => [session.id, written(session.on)] as const)}
        />
      </label>
    </figure>
  );
}

function points(sessions: Session[], read: (session: Session) => number | null): Figure[] {
  return sessions.flatMap((session) => {
    const value = read(session);
    return value === null ? [] : [{ session, value }];
  });
}

/** Equal sets would lie on one another: they stand side by side, so many places from the middle. */
function spread(session: Session, set: Session["sets"][number]): number {
  const index = session.sets.indexOf(set);
  return index - (session.sets.length - 1) / 2;
}
