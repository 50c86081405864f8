import { t } from "../../ui/words";
import { Picture } from "../../ui/pictures/Picture";
import { max, min } from "d3-array";
import { scaleLinear } from "d3-scale";
import type { Schemas } from "../../api/client";
import { plain } from "../../ui/format";

const W = 960;
const H = 96;
const edge = { top: 24, bottom: 24 };

interface Props {
  line: Schemas["AheadLine"];
  course: Schemas["AheadCourse"];
  weeks: Schemas["AheadWeek"][];
}

/** The figure asked for week by week as a step, the band around it, a mark where there is something to know. */
export function CourseChart({ line, course, weeks }: Props) {
  const column = W / weeks.length;
  const figures = course.points.flatMap((point) =>
    [point.value, point.low, point.high].flatMap((figure) => (figure === null ? [] : [Number(figure)])),
  );
  const low = min(figures) ?? 0;
  const high = max(figures) ?? 1;
  const room = Math.max((high - low) * 0.1, Math.abs(high) * 0.02, 0.5);
  const y = scaleLinear()
    .domain([low - room, high + room])
    .range([H - edge.bottom, edge.top]);
  const told = new Map(course.events.map((event) => [event.week, event.text]));
  const asked = (n: number) => course.points[n]?.value ?? null;
  return (
    <Picture
      box={[W, H]}
      says={`${line.exercise}: ${course.points.map((point) => (point.trained ? `${plain(point.value)} ${line.measure}` : t("not trained"))).join(", ")}`}
    >
      {weeks.map((week, n) => (
        <g key={week.number}>
          {week.beyond && (
            <rect x={n * column} y={0} width={column} height={H} fill="var(--color-sunk)" fillOpacity={0.7} />
          )}
          <line x1={n * column} x2={n * column} y1={0} y2={H} stroke="var(--color-line)" />
        </g>
      ))}
      {course.points.map((point, n) => {
        const x = n * column;
        if (point.value === null)
          return (
            <text key={n} x={x + 8} y={H - 12} className="fill-soft text-[12px]">
              {point.trained ? "" : t("not trained")}
            </text>
          );
        const value = Number(point.value);
        const top = y(Number(point.high));
        const before = asked(n - 1);
        return (
          <g key={n}>
            <rect
              x={x}
              width={column}
              y={top}
              height={Math.max(y(Number(point.low)) - top, 0)}
              fill="var(--color-ink)"
              fillOpacity={0.1}
            />
            {before !== null && (
              <line
                x1={x}
                x2={x}
                y1={y(Number(before))}
                y2={y(value)}
                stroke="var(--color-ink)"
                strokeWidth={2}
              />
            )}
            <line
              x1={x}
              x2={x + column}
              y1={y(value)}
              y2={y(value)}
              stroke="var(--color-ink)"
              strokeWidth={2}
            />
            {before !== point.value && (
              <text x={x + 8} y={y(value) - 6} className="fill-ink text-[14px] font-semibold">
                {plain(point.value)}
                {n === 0 ? ` ${line.measure}` : ""}
              </text>
            )}
            {point.sets !== course.points[n - 1]?.sets && (
              <text x={x + 8} y={y(value) + 15} className="fill-soft text-[12px]">
                {point.sets}
              </text>
            )}
            {told.has(n) && <path d={`M${x + column - 20} 14 l6 -10 l6 10 z`} fill="var(--color-ember)" />}
          </g>
        );
      })}
      {course.points.length < weeks.length && (
        <text x={course.points.length * column + 8} y={H / 2} className="fill-soft text-[12px]">
          {t("another exercise from here")}
        </text>
      )}
    </Picture>
  );
}
