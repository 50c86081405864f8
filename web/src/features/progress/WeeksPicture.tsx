import { t } from "../../ui/words";
import { Picture } from "../../ui/pictures/Picture";
import { max } from "d3-array";
import { scaleLinear } from "d3-scale";
import type { Schemas } from "../../api/client";
import { count, shortDate } from "../../ui/format";

const W = 960;
const edge = { left: 132, right: 8 };
const rows = { phase: 16, held: 52, sets: 152, decided: 178, hurt: 200, dates: 222 };
const SETS_HIGH = 84;
const H = 230;

type Week = Schemas["OverviewWeek"];

/** The weeks side by side: phases, sessions held of planned, hard sets done of planned, decisions, what hurt. */
export function WeeksPicture({ weeks }: { weeks: Week[] }) {
  const column = Math.min((W - edge.left - edge.right) / weeks.length, 110);
  const most = max(weeks, (week) => Math.max(week.sets_planned, week.sets_done)) ?? 1;
  const y = scaleLinear()
    .domain([0, Math.max(most, 1)])
    .range([0, SETS_HIGH])
    .nice();
  const at = (n: number) => edge.left + n * column;
  const wide = Math.min(column * 0.62, 46);
  const width = at(weeks.length) + edge.right;
  const every = Math.ceil(weeks.length / 12);
  return (
    <section className="mt-6" aria-label={t("Week by week")}>
      <h2 className="text-lg font-semibold">{t("Week by week")}</h2>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={t("Weeks drawn")}>
        <Picture
          box={[W, H]}
          className="w-full min-w-[40rem]"
          says={t("{{weeks}}; the table below says the same in figures", {
            weeks: count(weeks.length, "week"),
          })}
        >
          {[
            [t("Phase"), rows.phase],
            [t("Sessions held"), rows.held],
            [t("Hard sets done"), rows.sets - 8],
            [t("Raised, declined"), rows.decided],
            [t("Hurt"), rows.hurt],
          ].map(([name, line]) => (
            <text key={name} x={0} y={line} className="fill-soft text-[13px]">
              {name}
            </text>
          ))}
          <text x={0} y={rows.sets + 8} className="fill-soft text-[12px]">
            {t("outline: planned")}
          </text>
          {phasesOf(weeks).map(({ name, from, to }) => (
            <g key={`${name}${from}`}>
              <line x1={at(from)} x2={at(from)} y1={2} y2={H - 14} stroke="var(--color-line-strong)" />
              <text x={at(from) + 6} y={rows.phase} className="fill-ink text-[13px] font-semibold">
                {fitted(name, (to - from + 1) * column - 12)}
                <title>{name}</title>
              </text>
            </g>
          ))}
          {weeks.map((week, n) => {
            const x = at(n) + 6;
            return (
              <g key={week.monday}>
                {Array.from({ length: Math.max(week.planned, week.held) }, (_, k) => (
                  <rect
                    key={k}
                    x={x + k * 14}
                    y={rows.held - 11}
                    width={11}
                    height={11}
                    fill={k < week.held ? "var(--color-done)" : "none"}
                    stroke={k < week.held ? "var(--color-done)" : "var(--color-outline)"}
                  />
                ))}
                <rect
                  x={x}
                  y={rows.sets - y(week.sets_done)}
                  width={wide}
                  height={y(week.sets_done)}
                  fill="var(--color-done)"
                />
                <rect
                  x={x}
                  y={rows.sets - y(week.sets_planned)}
                  width={wide}
                  height={y(week.sets_planned)}
                  fill="none"
                  stroke="var(--color-outline)"
                  strokeWidth={1.5}
                  strokeDasharray={week.easing_off ? "3 3" : undefined}
                />
                {column > 44 && (week.sets_done > 0 || week.sets_planned > 0) && (
                  <text x={x + wide + 4} y={rows.sets} className="fill-ink text-[12px]">
                    {week.sets_done || ""}
                  </text>
                )}
                {week.raised + week.declined > 0 && (
                  <text x={x} y={rows.decided} className="fill-ink text-[13px]">
                    {week.raised}
                    {week.declined > 0 && column > 30 && (
                      <tspan className="fill-soft">, {week.declined}</tspan>
                    )}
                  </text>
                )}
                {week.hurt.length > 0 && (
                  <circle cx={x + 6} cy={rows.hurt - 5} r={5} fill="var(--color-stop)">
                    <title>{week.hurt.join(", ")}</title>
                  </circle>
                )}
                {week.hurt.length > 0 && column > 60 && (
                  <text x={x + 15} y={rows.hurt} className="fill-stop text-[12px]">
                    {week.hurt.join(", ")}
                  </text>
                )}
                {n % every === 0 && (
                  <text x={x} y={rows.dates} className="fill-soft text-[12px]">
                    {shortDate(week.monday)}
                  </text>
                )}
              </g>
            );
          })}
          <line x1={edge.left} x2={width} y1={rows.sets} y2={rows.sets} stroke="var(--color-line-strong)" />
        </Picture>
      </div>
      <details className="mt-1">
        <summary className="cursor-pointer text-sm text-soft">{t("The same in figures")}</summary>
        <WeekTable weeks={weeks} />
      </details>
    </section>
  );
}

/** A phase's name in the room it has; the picture's own names are about eight wide a letter. */
function fitted(name: string, room: number): string {
  const letters = Math.floor(room / 8);
  if (name.length <= letters) return name;
  return letters > 4 ? `${name.slice(0, letters - 1).trimEnd()}…` : "";
}

function phasesOf(weeks: Week[]): { name: string; from: number; to: number }[] {
  const found: { name: string; from: number; to: number }[] = [];
  weeks.forEach((week, n) => {
    const last = found.at(-1);
    if (last?.name === week.phase) last.to = n;
    else found.push({ name: week.phase, from: n, to: n });
  });
  return found;
}

function WeekTable({ weeks }: { weeks: Week[] }) {
  const heads = [
    t("Week of"),
    t("Phase"),
    t("Sessions"),
    t("Hard sets"),
    t("Raised"),
    t("Declined"),
    t("Hurt"),
  ];
  return (
    <table className="mt-1 w-full text-left text-sm">
      <caption className="sr-only">{t("The weeks in figures, latest first")}</caption>
      <thead>
        <tr className="border-b-2 border-ink">
          {heads.map((head) => (
            <th key={head} scope="col" className="py-1 font-medium">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {[...weeks].reverse().map((week) => (
          <tr key={week.monday} className="border-b border-line">
            <th scope="row" className="py-1 font-normal whitespace-nowrap">
              {shortDate(week.monday)}
            </th>
            <td>
              {week.phase && t("{{phase}}, week {{number}}", { phase: week.phase, number: week.number })}
              {week.easing_off && t(", eases off")}
            </td>
            <td>{t("{{held}} of {{planned}}", { held: week.held, planned: week.planned })}</td>
            <td>
              {t("{{sets_done}} of {{sets_planned}}", {
                sets_done: week.sets_done,
                sets_planned: week.sets_planned,
              })}
            </td>
            <td>{week.raised}</td>
            <td>{week.declined}</td>
            <td>{week.hurt.join(", ")}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
