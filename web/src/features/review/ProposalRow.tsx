import { t } from "../../ui/words";
import { Of } from "../../ui/Of";
import { useKept } from "../../ui/fields/useKept";
import { Input } from "../../ui/fields/Input";
import type { ClientId } from "../../api/ids";
import { Check, X } from "lucide-react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { shortDate } from "../../ui/format";
import { SetBlocks } from "../../ui/pictures/SetBlocks";

const levers: Record<Schemas["Lever"], string> = {
  load: t("More load"),
  reps: t("More reps"),
  "hold seconds": t("Longer"),
  distance: t("Further"),
  "one more round": t("One more round"),
  "slower lowering": t("Slower"),
  sets: t("One more set"),
  "less rest": t("Less rest"),
  checkpoint: t("The next checkpoint"),
  "a pause": t("A pause"),
  "harder variant": t("The next rung"),
  "weaker side first": t("The weaker side first"),
  hold: t("The same again"),
  "ease off": t("Lighter"),
};

const confidence: Record<Schemas["Confidence"], string> = {
  firm: t("Every set counted, reserves said"),
  fair: t("Some reserves were not said"),
  thin: t("Not every planned set was done"),
};

interface Props {
  line: Schemas["ReviewLine"];
  /** The other stations of a circuit that the line leads. */
  others: Schemas["ReviewLine"][];
  clientId: ClientId;
  busy: boolean;
  onDecide: (verdict: Schemas["Verdict"], text: string, reason: string) => void;
}

/** One line: its sets last time, today and next, the proposal with its rule and evidence, and the trainer's word on it. */
export function ProposalRow({ line, others, clientId, busy, onDecide }: Props) {
  const { proposal } = line;
  const together = others.length > 0;
  return (
    <li className="grid gap-x-8 gap-y-3 border-b border-line py-4 lg:grid-cols-[26.5rem_1fr_12rem]">
      <div className="min-w-0">
        {together ? (
          <>
            <h2 className="text-lg font-semibold">
              {t("Circuit of {{more}} stations", { more: others.length + 1 })}
            </h2>
            {[line, ...others].map((station) => (
              <div key={station.line} className="mt-2">
                <h3 className="font-medium">
                  <Name line={station} clientId={clientId} />
                </h3>
                <p className="text-sm text-soft">
                  {t("Planned {{more}}", { more: station.planned || t("nothing") })}
                </p>
                <div className="mt-1">
                  <SetBlocks
                    size="small"
                    blocks={station.blocks}
                    label={t("{{exercise}}, planned and done", { exercise: station.exercise })}
                  />
                </div>
              </div>
            ))}
          </>
        ) : (
          <>
            <h2 className="text-lg font-semibold">
              <Name line={line} clientId={clientId} />
            </h2>
            <p className="text-sm text-soft">
              {t("Planned {{more}}", { more: line.planned || t("nothing") })}
            </p>
            <Pictures line={line} />
          </>
        )}
      </div>
      {proposal ? (
        <div className="min-w-0">
          <p className="text-sm font-medium text-soft">
            {levers[proposal.lever]}
            {line.next_cell && <> {t("for week {{week}}", { week: line.next_cell.week })}</>}
          </p>
          <p className="text-xl leading-tight font-semibold tracking-tight">
            {line.instead && <span className="block text-ember">{line.instead}</span>}
            {together && <span className="font-normal">{line.exercise} </span>}
            {line.proposed}
            {line.set_to && <span className="block text-base font-normal text-soft">{line.set_to}</span>}
            {proposal.estimated && (
              <span className="ml-2 text-base font-normal text-soft">{t("an estimate")}</span>
            )}
          </p>
          <Stations line={line} />
          <p className="mt-1">{proposal.rule}</p>
          <Onwards line={line} />
          <details className="mt-1 text-sm text-soft">
            <summary className="cursor-pointer">
              {t("Evidence: {{confidence}}", { confidence: confidence[proposal.confidence].toLowerCase() })}
              <Of what={line.exercise} />
            </summary>
            {proposal.evidence.map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
            <p>{t("Decided by: {{rule_name}}.", { rule_name: line.rule_name })}</p>
          </details>
        </div>
      ) : (
        <p className="self-center text-soft">{line.why_none}</p>
      )}
      {proposal &&
        (line.decision ? (
          <Taken decision={line.decision} />
        ) : (
          <Decide line={line} busy={busy} onDecide={onDecide} />
        ))}
    </li>
  );
}

function Name({ line, clientId }: { line: Schemas["ReviewLine"]; clientId: ClientId }) {
  return (
    <Link className="hover:underline" to={`/clients/${clientId}/progress?exercise=${line.exercise_id}`}>
      {line.exercise}
    </Link>
  );
}

/** What a circuit's one proposal asks of its other stations, and of the rest after a round. */
function Stations({ line }: { line: Schemas["ReviewLine"] }) {
  const rest = line.proposal?.rest_after;
  if (!line.stations.length) return null;
  return (
    <ul>
      {line.stations.map((station) => (
        <li key={station.line} className="text-xl leading-tight font-semibold tracking-tight">
          <span className="font-normal">{station.exercise}</span> {station.text}
        </li>
      ))}
      {rest != null && <li className="font-medium">{t("{{rest}} s rest after a round", { rest })}</li>}
    </ul>
  );
}

/** The set blocks of last time, today and what is proposed, side by side on one ground. */
function Pictures({ line }: { line: Schemas["ReviewLine"] }) {
  const { proposal } = line;
  const next = line.next_cell ? t("Week {{week}}", { week: line.next_cell.week }) : t("Next");
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
      {line.last_on && (
        <Picture
          caption={t("Last, {{last_on}}", { last_on: shortDate(line.last_on) })}
          blocks={line.last}
          label={t("{{exercise}}, last", { exercise: line.exercise })}
        />
      )}
      <Picture
        caption={t("This session")}
        blocks={line.blocks}
        label={t("{{exercise}}, planned and done", { exercise: line.exercise })}
      />
      {proposal && (
        <Picture
          caption={next}
          blocks={line.preview}
          label={t("Proposed {{proposed}}", { proposed: line.proposed })}
          strong
        />
      )}
    </div>
  );
}

interface PictureProps {
  caption: string;
  blocks: Schemas["SetBlock"][];
  label: string;
  strong?: boolean;
}

function Picture({ caption, blocks, label, strong = false }: PictureProps) {
  return (
    <figure>
      <SetBlocks size="medium" blocks={blocks} label={label} />
      <figcaption className={`mt-1 text-sm ${strong ? "font-medium" : "text-soft"}`}>{caption}</figcaption>
    </figure>
  );
}

/** What the plan says now where that differs, and the later weeks that follow from the proposal. */
function Onwards({ line }: { line: Schemas["ReviewLine"] }) {
  if (line.decision || !line.next_cell) return null;
  const { text } = line.next_cell;
  return (
    <>
      {text && text !== line.proposed && (
        <p className="mt-1 text-sm text-soft">{t("The plan now says {{text}}.", { text })}</p>
      )}
      {line.rolls.length > 0 && (
        <details className="mt-1 text-sm text-soft">
          <summary className="cursor-pointer">
            {t("{{rolls}} from there", { rolls: onwards(line.rolls) })}
          </summary>
          {line.rolls.map((roll) => (
            <p key={roll.week_id}>
              {t("Week {{week}}: {{text}}", { week: roll.week, text: roll.text })}{" "}
              <span className="line-through">{roll.now}</span>
            </p>
          ))}
        </details>
      )}
    </>
  );
}

function onwards(rolls: Schemas["RolledWeek"][]): string {
  const [first, last] = [rolls[0]?.week ?? 0, rolls.at(-1)?.week ?? 0];
  return first === last
    ? t("Week {{first}} goes on", { first })
    : t("Weeks {{first}} to {{last}} go on", { first, last });
}

function Taken({ decision }: { decision: NonNullable<Schemas["ReviewLine"]["decision"]> }) {
  const declined = decision.verdict === "declined";
  return (
    <div className={`w-full text-sm ${declined ? "text-soft" : "text-done"}`}>
      <p className="flex items-center gap-1.5 font-semibold">
        {declined ? <X size={18} aria-hidden /> : <Check size={18} aria-hidden />}
        {declined ? t("Declined") : decision.verdict === "changed" ? t("Changed") : t("Accepted")}
      </p>
      {decision.taken && <p className="text-ink">{decision.taken}</p>}
      {decision.revision && (
        <p className="text-soft">{t("in revision {{revision}}", { revision: decision.revision })}</p>
      )}
    </div>
  );
}

function Decide({ line, busy, onDecide }: Omit<Props, "clientId" | "others">) {
  const [own, setOwn, forget] = useKept(`decision ${line.line} ${line.proposed}`, {
    changing: false,
    text: line.proposed,
    reason: "",
  });
  const { changing, text, reason } = own;
  const set = (change: Partial<typeof own>) => setOwn((now) => ({ ...now, ...change }));
  const nowhere = line.next_cell === null;
  if (!changing) {
    return (
      <div className="flex w-full flex-wrap content-start items-start gap-2">
        <Button
          className="min-h-11 w-full border-ember text-ember"
          disabled={busy || nowhere}
          onClick={() => onDecide("accepted", "", "")}
        >
          {t("Accept")}
          <Of what={line.exercise} />
        </Button>
        <Button className="min-h-11 flex-1" disabled={nowhere} onClick={() => set({ changing: true })}>
          {t("Change")}
          <Of what={line.exercise} />
        </Button>
        <Button className="min-h-11 flex-1" disabled={busy} onClick={() => onDecide("declined", "", "")}>
          {t("Decline")}
          <Of what={line.exercise} />
        </Button>
        {(line.proposal?.alternatives ?? []).map((alternative) => (
          <Button
            key={alternative.label}
            className="h-auto min-h-11 w-full flex-col !items-start !gap-0 py-1.5 text-left text-sm !whitespace-normal"
            disabled={busy || nowhere}
            onClick={() => onDecide("changed", alternative.text, "")}
          >
            <span className="font-medium">{alternative.label}</span>
            <span className="font-normal text-soft">{alternative.text}</span>
          </Button>
        ))}
      </div>
    );
  }
  return (
    <form
      className="grid w-full content-start gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onDecide("changed", text, reason);
      }}
    >
      <Input
        autoFocus
        aria-label={t("Next {{exercise}}", { exercise: line.exercise })}
        className="min-h-11"
        value={text}
        change={(text) => set({ text })}
      />
      <Input
        aria-label={t("Your reason")}
        placeholder={t("Your reason, if you like")}
        className="min-h-11"
        value={reason}
        change={(reason) => set({ reason })}
      />
      <div className="flex gap-2">
        <Button tone="act" type="submit" className="min-h-11 flex-1" disabled={busy}>
          {t("Write it")}
        </Button>
        <Button className="min-h-11" onClick={() => forget()}>
          {t("Back")}
        </Button>
      </div>
    </form>
  );
}
