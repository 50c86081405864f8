import { named, t } from "../../ui/words";
import type { Schemas } from "../../api/client";
import { plain } from "../../ui/format";
import { CourseChart } from "./CourseChart";

interface Props {
  line: Schemas["AheadLine"];
  weeks: Schemas["AheadWeek"][];
  words: boolean;
}

/** One line of the day through the weeks: drawn, or in the words the plan would have. */
export function CourseRow({ line, weeks, words }: Props) {
  const { course } = line;
  return (
    <tr className="border-b border-line align-top">
      <th scope="row" className="py-2 pr-4 text-left">
        <span className="block font-semibold">{line.exercise}</span>
        <span className="block text-sm font-normal text-soft">
          {line.policy || t("as written")}
          {course && `, ${line.measure}`}
        </span>
      </th>
      {!course && (
        <td colSpan={weeks.length} className="py-2 text-soft">
          {line.why_not}
        </td>
      )}
      {course && !words && (
        <td colSpan={weeks.length} className="py-2">
          <CourseChart line={line} course={course} weeks={weeks} />
          <Events events={course.events} />
        </td>
      )}
      {course &&
        words &&
        weeks.map((week, n) => {
          const point = course.points[n];
          return (
            <td key={week.number} className="py-2 pr-3 text-sm">
              {point ? (point.trained ? point.text : t("not trained")) : ""}
              {point?.trained && point.low !== point.high && (
                <span className="block text-soft">
                  {t("{{low}} to {{high}}  {{measure}}", {
                    low: plain(point.low),
                    high: plain(point.high),
                    measure: named(line.measure),
                  })}
                </span>
              )}
            </td>
          );
        })}
    </tr>
  );
}

/** What is to know of the line's weeks, beside the marks of the chart. */
function Events({ events }: { events: Schemas["AheadEvent"][] }) {
  return events.map((event) => (
    <p key={event.text} className="mt-1 text-sm">
      <span aria-hidden className="text-ember">
        ▲{" "}
      </span>
      {event.text}
    </p>
  ));
}
