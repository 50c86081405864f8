import { named, t } from "../../ui/words";
import { changed } from "../../api/changed";
import { query } from "../../api/query";
import type { ClientId, ExerciseId, PlaceId } from "../../api/ids";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Message } from "../../ui/Message";
import { Waiting } from "../../ui/Waiting";
import { ExerciseSheet } from "./ExerciseSheet";
import { LadderPicture } from "./LadderPicture";
import { OwnPicture } from "./OwnPicture";
import { requestOf, kitName } from "./words";
import { SubstituteList } from "./SubstituteList";

const stresses = { light: 1, moderate: 2, much: 3 };

/** One exercise: what it trains, what it asks of the joints, how to say it, where it stands on its ladders. */
export function ExercisePage({
  id,
  client,
  place,
}: {
  id: ExerciseId;
  client: ClientId | null;
  place: PlaceId | null;
}) {
  const [editing, setEditing] = useState(false);
  const queries = useQueryClient();
  const page = useQuery(query.exercise(id, client));
  const back = useMutation({
    mutationFn: () => api.removeExercise(id),
    onSuccess: () => changed(queries, "library"),
  });
  const restore = useMutation({
    mutationFn: (asked: Schemas["ExerciseRequest"]) => api.changeExercise(id, asked),
    onSuccess: () => changed(queries, "library"),
  });
  if (!page.data) return <Waiting error={page.error} retry={() => void page.refetch()} />;
  const { exercise, ladders, cues, cautions, picture } = page.data;
  return (
    <article aria-labelledby="exercise" className="grid content-start gap-5">
      <div className="flex flex-wrap items-start gap-3">
        <div className="mr-auto">
          <h2 id="exercise" className="text-2xl font-semibold tracking-tight">
            {exercise.name}
          </h2>
          <p className="text-soft">
            {[
              exercise.kind,
              exercise.pattern === exercise.kind ? null : exercise.pattern,
              exercise.one_sided ? t("each side") : t("both sides together"),
              exercise.stable ? null : t("unstable: counts less as strength work"),
              t("{{rep_seconds}} s a rep", { rep_seconds: exercise.rep_seconds }),
              Number(exercise.bodyweight_share) > 0 &&
                t("moves {{math}} % of body weight", {
                  math: Math.round(Number(exercise.bodyweight_share) * 100),
                }),
            ]
              .filter(Boolean)
              .join(" · ")}
          </p>
        </div>
        <Button onClick={() => setEditing(true)}>{exercise.own ? t("Change") : t("Make it yours")}</Button>
        {(exercise.own || exercise.edited) && !exercise.removed && (
          <Button tone="quiet" onClick={() => back.mutate()}>
            {exercise.own ? t("Remove") : t("Back to how it shipped")}
          </Button>
        )}
      </div>
      {exercise.removed && (
        <Message className="flex items-center gap-3">
          {t("Removed from the choices; plans and history that name it keep it.")}
          <Button onClick={() => restore.mutate(requestOf(exercise))}>{t("Undo")}</Button>
        </Message>
      )}
      {cautions.map((caution) => (
        <Message key={caution.about} tone={caution.grade === "stop" ? "stop" : "caution"}>
          {caution.text}
        </Message>
      ))}
      <div className="grid gap-x-8 gap-y-5 md:grid-cols-2">
        <dl className="grid content-start grid-cols-[6rem_1fr] gap-x-3 gap-y-1.5">
          <Fact name={t("Trains")}>
            <strong className="font-semibold">
              {exercise.movers.map(named).join(", ") || t("not said")}
            </strong>
          </Fact>
          <Fact name={t("Helped by")}>{exercise.helpers.map(named).join(", ") || "–"}</Fact>
          <Fact name={t("Loaded with")}>{exercise.implements.map(kitName).join(", ")}</Fact>
          <Fact name={t("Needs")}>{[...exercise.needs, ...exercise.kit].join(", ") || t("floor space")}</Fact>
          <Fact name={t("Joints")}>
            {exercise.joints.length === 0 && "–"}
            {exercise.joints.map((joint) => (
              <span key={joint.joint} className="flex items-baseline gap-2">
                <span aria-hidden className="tracking-tighter">
                  {"●".repeat(stresses[joint.stress])}
                  <span className="text-line-strong">{"○".repeat(3 - stresses[joint.stress])}</span>
                </span>
                <span>
                  {named(joint.joint)},{" "}
                  {joint.stress === "much"
                    ? t("a lot")
                    : joint.stress === "light"
                      ? t("a little")
                      : t("some")}
                  : <span className="text-soft">{joint.how}</span>
                </span>
              </span>
            ))}
          </Fact>
          <Fact name={t("Ends a set")}>{exercise.faults.join(" · ") || "–"}</Fact>
        </dl>
        <div className="grid content-start gap-2">
          <CueList
            title={cues.school ? t("Cues: {{school}}", { school: cues.school }) : t("Cues")}
            cues={cues.cues}
            why={cues.why}
          />
          {cues.school && <CueList title={t("Plain cues")} cues={exercise.cues} />}
          {exercise.cue_sets
            .filter((set) => set.school !== cues.school)
            .map((set) => (
              <CueList key={set.school} title={t("To {{school}}", { school: set.school })} cues={set.cues} />
            ))}
          <OwnPicture id={id} name={exercise.name} mark={picture} />
        </div>
      </div>
      {ladders.map((ladder) => (
        <LadderPicture key={ladder.id} ladder={ladder} />
      ))}
      {ladders.length === 0 && <p className="text-soft">{t("It stands on no ladder.")}</p>}
      <SubstituteList id={id} client={client} place={place} />
      {editing && (
        <ExerciseSheet
          exercise={exercise}
          name={exercise.name}
          onClose={() => setEditing(false)}
          onSaved={() => setEditing(false)}
        />
      )}
    </article>
  );
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <dt className="text-soft">{name}</dt>
      <dd>{children}</dd>
    </>
  );
}

function CueList({ title, cues, why }: { title: string; cues: Schemas["ChosenCues"]["cues"]; why?: string }) {
  return (
    <div>
      <h3 className="text-sm font-medium text-soft first-letter:uppercase">
        {title}
        {why && <span className="ml-2 text-caution">{why}</span>}
      </h3>
      <p className="text-lg leading-snug">{cues.join(" · ") || t("none yet")}</p>
    </div>
  );
}
