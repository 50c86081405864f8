import { t } from "../../ui/words";
import { extent, max, min } from "d3-array";
import { scaleLinear, scaleUtc } from "d3-scale";
import { line } from "d3-shape";
import type { Schemas } from "../../api/client";
import { countdown, shortDate, writingDays } from "../../ui/format";
import { Picture } from "../../ui/pictures/Picture";
import { day, useChartRoom } from "./chartRoom";
import { YTicks } from "./YTicks";

const H = 200;
const LEAST_ROOM = 10;

/** The pace of each session that was timed, minutes for a kilometre: quicker is higher. */
export function PaceChart({ view }: { view: Schemas["ProgressView"] }) {
  const timed = view.sessions.flatMap((one) => (one.pace ? [{ on: one.on, pace: one.pace }] : []));
  return timed.length > 0 && <Paces sessions={view.sessions} timed={timed} />;
}

function Paces({
  sessions,
  timed,
}: {
  sessions: Schemas["SessionPoint"][];
  timed: { on: string; pace: number }[];
}) {
  const { ref, room } = useChartRoom();
  const [begins, ends, foot] = [room.left, room.width - room.right, H - room.bottom];
  const written = writingDays(timed.map((one) => one.on));
  const paces = timed.map((one) => one.pace);
  const [quick, slow] = [min(paces) ?? 0, max(paces) ?? 1];
  const beside = Math.max((slow - quick) * 0.15, LEAST_ROOM);
  const [first, last] = extent(sessions, (one) => day(one.on));
  const x = scaleUtc()
    .domain([first ?? new Date(), last ?? new Date()])
    .range([begins + 36, ends]);
  const y = scaleLinear()
    .domain([slow + beside, Math.max(0, quick - beside)])
    .range([foot, room.top]);
  const path = line<(typeof timed)[number]>()
    .x((one) => x(day(one.on)))
    .y((one) => y(one.pace));
  const end = timed.at(-1);
  return (
    <figure ref={ref} className="mt-4">
      <figcaption className="font-semibold">
        {t("Pace")}{" "}
        <span className="font-normal text-soft">{t("minutes for a kilometre, quicker is higher")}</span>
      </figcaption>
      <Picture
        says={t("Pace by date: {{timed}}", {
          timed: timed.map((one) => `${shortDate(one.on)} ${countdown(one.pace)}`).join(", "),
        })}
        box={[room.width, H]}
      >
        <YTicks ticks={y.ticks(4)} y={y} left={begins} right={ends + 10} write={(tick) => countdown(tick)} />
        <path d={path(timed) ?? ""} fill="none" stroke="var(--color-done)" strokeWidth={2} />
        {timed.map((one) => (
          <circle key={one.on} cx={x(day(one.on))} cy={y(one.pace)} r={4} fill="var(--color-done)" />
        ))}
        {end && (
          <text x={x(day(end.on)) + 14} y={y(end.pace) + 4} className="fill-done text-[13px] font-semibold">
            {t("{{pace}} a km", { pace: countdown(end.pace) })}
          </text>
        )}
        {timed
          .filter((_, index) => index % Math.ceil(timed.length / room.days) === 0)
          .map((one) => (
            <text
              key={one.on}
              x={x(day(one.on))}
              y={H - 10}
              textAnchor="middle"
              className="fill-soft text-[13px]"
            >
              {written(one.on)}
            </text>
          ))}
      </Picture>
    </figure>
  );
}
