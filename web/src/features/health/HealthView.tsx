import { named, t } from "../../ui/words";
import { useClient } from "../clients/ClientFrame";
import { Message } from "../../ui/Message";
import { CycleReports } from "./CycleReports";
import { EntryForm } from "./EntryForm";
import { ScreeningPart } from "./ScreeningPart";
import { topicName } from "./names";
import { Timeline } from "./Timeline";

/** How joints and conditions stand, how they came to stand so, and the health screen. */
export function HealthView() {
  const client = useClient();
  const { health } = client;
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[5fr_4fr]">
      <section aria-label={t("Joints and conditions")} className="grid content-start gap-4">
        <div>
          <h2 className="mb-1 font-semibold">{t("How things stand")}</h2>
          {health.standing.length === 0 && <p className="text-soft">{t("No trouble is written down.")}</p>}
          <ul className="flex flex-wrap gap-2">
            {health.standing.map((at) => (
              <li
                key={`${at.topic}${at.side ?? ""}`}
                className={`rounded-md border px-3 py-1.5 ${tones[at.state]}`}
              >
                <span className="font-semibold">{topicName(at.topic, at.side)}</span>
                <span className="ml-2">{named(at.state)}</span>
              </li>
            ))}
          </ul>
        </div>
        {health.overlaps.map((text) => (
          <Message key={text}>{text}</Message>
        ))}
        {health.cautions.map((caution) => (
          <Message key={caution.about} tone={caution.grade === "stop" ? "stop" : "caution"}>
            {caution.text}
          </Message>
        ))}
        <EntryForm clientId={client.id} />
        <Timeline clientId={client.id} entries={health.timeline} />
      </section>
      <div className="grid content-start gap-6">
        <ScreeningPart client={client} />
        {client.facts.cycle_reports && <CycleReports clientId={client.id} reports={health.cycle_reports} />}
      </div>
    </div>
  );
}

const tones = {
  "hurts now": "border-stop/50 bg-stop-wash text-stop",
  "spare it": "border-caution/50 bg-caution-wash text-caution",
  "watch it": "border-line-strong bg-raised",
  over: "border-done/40 bg-done-wash text-done",
};
