import { t } from "../../../ui/words";
import { query } from "../../../api/query";
import type { PlaceId } from "../../../api/ids";
import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { useKept } from "../../../ui/fields/useKept";
import { count, minutes } from "../../../ui/format";
import { Message } from "../../../ui/Message";
import type { ShownFloor, Wanted } from "../floorState";
import { Row } from "../pad/Row";
import { ChangesList } from "../today/ChangesList";
import { Panel } from "../today/Panel";
import type { FloorData } from "../useFloor";
import { Readiness, reportOf, UNASKED, type Answers } from "./Readiness";

const LATE = [0, 10, 15, 20, 30] as const;
const SHORTEST = 5;

interface SaidBefore {
  answers: Answers;
  late: number | null;
  place: PlaceId | null;
}
const NOTHING_SAID: SaidBefore = { answers: UNASKED, late: null, place: null };

/** Before the first set, or at any time again: how the client came, how much time there is, where it is held. */
export function BeforePanel({
  shown,
  data,
  ask,
  begun,
  onDone,
}: {
  shown: ShownFloor;
  data: FloorData;
  /** Whether the trainer wants to be asked for readiness. */
  ask: boolean;
  /** Whether the session is under way. */
  begun: boolean;
  onDone: () => void;
}) {
  const [said, say, forget] = useKept(`before ${shown.session_id}`, NOTHING_SAID);
  const { answers, late, place } = said;
  const setAnswers = (answers: Answers) => say((now) => ({ ...now, answers }));
  const setLate = (late: number | null) => say((now) => ({ ...now, late }));
  const setPlace = (place: PlaceId | null) => say((now) => ({ ...now, place }));
  const report = reportOf(answers);
  const left = Math.max(SHORTEST, shown.minutes - (late ?? 0));
  const wanted: Wanted[] = [
    ...(place ? [{ sort: "place", place } as const] : []),
    ...(report ? [report] : []),
    ...(late ? [{ sort: "late", minutes: left } as const] : []),
  ];
  const here = shown.places.find((one) => one.here);
  const apply = () => {
    void (async () => {
      for (const one of wanted) await data.change(one);
    })();
    forget();
    onDone();
  };
  const standing = shown.changes.filter((change) => !change.undone).length;
  const away = shown.changes.some((change) => change.sort === "away" && !change.undone);
  const changed = standing > 0 && (
    <Part
      title={
        away
          ? t("Back after a break: stepped back")
          : t("Changed today: {{changes}}", { changes: count(standing, "change") })
      }
    >
      <ChangesList shown={shown} undo={(id) => void data.undo(id)} />
    </Part>
  );
  return (
    <Panel
      title={
        begun ? t("Adjust today") : t("{{day}} with {{client}}", { day: shown.day, client: shown.client })
      }
      back={begun ? t("Back to the set") : null}
      onBack={onDone}
    >
      {shown.for_today.length > 0 && (
        <Message className="mt-2">
          <span className="font-medium">{t("Noted last time for today:")}</span> {shown.for_today.join(" · ")}
        </Message>
      )}
      {away && changed}
      {ask && !shown.asked_readiness && (
        <Part title={t("How are you today?")} said={<Answer shown={shown} wanted={report} />}>
          <Readiness answers={answers} set={setAnswers} />
        </Part>
      )}
      <Part
        title={t("Time: about {{estimated_seconds}} of {{minutes}} min", {
          estimated_seconds: minutes(shown.estimated_seconds),
          minutes: shown.minutes,
        })}
        said={<Answer shown={shown} wanted={late ? { sort: "late", minutes: left } : null} />}
      >
        <Row
          label={t("Late")}
          options={LATE.map((n) => [n, n === 0 ? t("on time") : t("{{n}} min", { n })] as const)}
          chosen={late ?? 0}
          choose={(value) => setLate(value || null)}
        />
      </Part>
      {shown.places.length > 1 && (
        <Part
          title={t("Place: {{more}}", { more: here?.name ?? t("none") })}
          said={<Answer shown={shown} wanted={place ? { sort: "place", place } : null} />}
        >
          <Row
            label={t("Today")}
            options={shown.places.map((one) => [one.id, one.name] as const)}
            chosen={place ?? here?.id ?? null}
            choose={(value) => setPlace(value === here?.id ? null : value)}
          />
        </Part>
      )}
      {!away && changed}
      <div className="sticky bottom-0 mt-auto bg-ground pt-3">
        <button
          type="button"
          data-main-action
          className="min-h-20 w-full rounded-lg bg-ember text-2xl font-semibold text-on-ember hover:brightness-110"
          onClick={apply}
        >
          {wanted.length
            ? begun
              ? t("Change it")
              : t("Begin so")
            : begun
              ? t("Back to the set")
              : away
                ? t("Begin, stepped back")
                : t("Begin as planned")}
        </button>
      </div>
    </Panel>
  );
}

function Part({ title, said, children }: { title: string; said?: ReactNode; children: ReactNode }) {
  return (
    <section className="mt-4">
      <h3 className="font-semibold">{title}</h3>
      {children}
      {said}
    </section>
  );
}

/** What an answer would change, in the server's words, before it is made. */
function Answer({ shown, wanted }: { shown: ShownFloor; wanted: Wanted | null }) {
  const found = useQuery(query.preview(shown.program_id, shown.week_id, shown.day_id, wanted));
  if (!wanted) return null;
  if (found.error) return <Message tone="caution">{found.error.message}</Message>;
  if (!found.data) return <p className="mt-1 min-h-6 text-soft">{t("Working out what that changes …")}</p>;
  const { said, changes } = found.data;
  return (
    <div role="status" className="mt-2 border-l-2 border-line-strong pl-3">
      <p>{said}</p>
      {changes.length > 0 && (
        <ul className="mt-0.5 text-soft">
          {changes.map((change) => (
            <li key={change.key}>{change.label}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
