import { t } from "../../ui/words";
import { Picture } from "../../ui/pictures/Picture";
import { extent } from "d3-array";
import { scaleLinear, scaleUtc } from "d3-scale";
import { line } from "d3-shape";
import type { Schemas } from "../../api/client";
import { YTicks } from "./YTicks";
import { shortDate } from "../../ui/format";

const W = 460;
const H = 150;
const edge = { left: 40, right: 70, top: 14, bottom: 26 };
const day = (iso: string) => new Date(`${iso}T12:00:00Z`);

/** Body weight by day, with its figures in a table. */
export function WeightChart({ points, unit }: { points: Schemas["BodyPoint"][]; unit: Schemas["Unit"] }) {
  const [low = 0, high = 1] = extent(points, (p) => Number(p.value));
  const room = Math.max((high - low) * 0.25, high * 0.01);
  const [first, last] = extent(points, (p) => day(p.on));
  const x = scaleUtc()
    .domain([first ?? new Date(), last ?? new Date()])
    .range([edge.left + 8, W - edge.right]);
  const y = scaleLinear()
    .domain([low - room, high + room])
    .nice(4)
    .range([H - edge.bottom, edge.top]);
  const path = line<Schemas["BodyPoint"]>()
    .x((p) => x(day(p.on)))
    .y((p) => y(Number(p.value)));
  return (
    <section className="mt-8" aria-label={t("Body weight")}>
      <h2 className="text-lg font-semibold">
        {t("Body weight")} <span className="text-base font-normal text-soft">{unit}</span>
      </h2>
      <Picture
        box={[W, H]}
        says={t("Body weight: {{points}}", {
          points: points
            .map((p) => t("{{value}} {{unit}} on {{on}}", { value: p.value, unit, on: shortDate(p.on) }))
            .join(", "),
        })}
      >
        <YTicks ticks={y.ticks(4)} y={y} left={edge.left} right={W - edge.right + 10} />
        <path d={path(points) ?? ""} fill="none" stroke="var(--color-ink)" strokeWidth={2} />
        {points.map((p, n) => (
          <g key={p.on}>
            <circle cx={x(day(p.on))} cy={y(Number(p.value))} r={4} fill="var(--color-ink)" />
            {(n === 0 || n === points.length - 1) && (
              <>
                <text
                  x={x(day(p.on)) + 8}
                  y={y(Number(p.value)) - 6}
                  className="fill-ink text-[13px] font-semibold"
                >
                  {Number(p.value)}
                </text>
                <text x={x(day(p.on))} y={H - 8} textAnchor="middle" className="fill-soft text-[12px]">
                  {shortDate(p.on)}
                </text>
              </>
            )}
          </g>
        ))}
      </Picture>
    </section>
  );
}
