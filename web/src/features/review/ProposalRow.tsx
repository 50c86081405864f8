import { Check, X } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { SetBlocks } from "../../ui/SetBlocks";

const levers: Record<Schemas["Lever"], string> = {
  load: "More load",
  reps: "More reps",
  "hold seconds": "Longer hold",
  "slower lowering": "Slower",
  sets: "One more set",
  "less rest": "Less rest",
  checkpoint: "The next checkpoint",
  "a pause": "A pause",
  "harder variant": "The next rung",
  "weaker side first": "The weaker side first",
  hold: "The same again",
  "ease off": "Lighter",
};

const confidence: Record<Schemas["Confidence"], string> = {
  firm: "Every set counted, reserves said",
  fair: "Some reserves were not said",
  thin: "Not every planned set was done",
};

interface Props {
  line: Schemas["ReviewLine"];
  clientId: string;
  busy: boolean;
  onDecide: (verdict: Schemas["Verdict"], text: string, reason: string) => void;
}

/** One line: today's sets, the proposal with its rule and evidence, and the trainer's word on it. */
export function ProposalRow({ line, clientId, busy, onDecide }: Props) {
  const { proposal } = line;
  return (
    <li className="grid gap-x-8 gap-y-3 border-b border-line py-4 md:grid-cols-[16rem_1fr_auto]">
      <div>
        <h2 className="text-lg font-semibold">
          <Link className="hover:underline" to={`/clients/${clientId}/progress?exercise=${line.exercise_id}`}>
            {line.exercise}
          </Link>
        </h2>
        <SetBlocks size="small" blocks={line.blocks} label={`${line.exercise}, planned and done`} />
        <p className="mt-1 text-sm text-soft">Planned {line.planned || "nothing"}</p>
      </div>
      {proposal ? (
        <div>
          <p className="text-sm font-medium text-soft">
            {levers[proposal.lever]}
            {line.next_cell && <> for week {line.next_cell.week}</>}
          </p>
          <div className="flex flex-wrap items-end gap-x-3 gap-y-1">
            <SetBlocks size="small" blocks={line.preview} label={`Proposed ${line.proposed}`} />
            <p className="text-xl leading-tight font-semibold tracking-tight">
              {line.instead && <span className="block text-ember">{line.instead}</span>}
              {line.proposed}
            </p>
          </div>
          <p className="mt-1">{proposal.rule}</p>
          <details className="mt-1 text-sm text-soft">
            <summary className="cursor-pointer">
              Evidence: {confidence[proposal.confidence].toLowerCase()}
            </summary>
            {proposal.evidence.map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
            <p>Decided by: {line.rule_name}.</p>
          </details>
          {line.next_cell &&
            line.next_cell.text &&
            line.next_cell.text !== line.proposed &&
            !line.decision && (
              <p className="mt-1 text-sm text-soft">The plan now says {line.next_cell.text}.</p>
            )}
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

function Taken({ decision }: { decision: NonNullable<Schemas["ReviewLine"]["decision"]> }) {
  const declined = decision.verdict === "declined";
  return (
    <div className={`w-56 self-center text-sm ${declined ? "text-soft" : "text-done"}`}>
      <p className="flex items-center gap-1.5 font-semibold">
        {declined ? <X size={18} aria-hidden /> : <Check size={18} aria-hidden />}
        {declined ? "Declined" : decision.verdict === "changed" ? "Changed" : "Accepted"}
      </p>
      {decision.taken && <p className="text-ink">{decision.taken}</p>}
      {decision.revision && <p className="text-soft">in revision {decision.revision}</p>}
    </div>
  );
}

function Decide({ line, busy, onDecide }: Omit<Props, "clientId">) {
  const [changing, setChanging] = useState(false);
  const [text, setText] = useState(line.proposed);
  const [reason, setReason] = useState("");
  const nowhere = line.next_cell === null;
  if (!changing) {
    return (
      <div className="flex w-56 flex-wrap content-center items-center gap-2 self-center">
        <Button
          className="min-h-11 w-full border-ember text-ember"
          disabled={busy || nowhere}
          onClick={() => onDecide("accepted", "", "")}
        >
          Accept
        </Button>
        <Button className="min-h-11 flex-1" disabled={nowhere} onClick={() => setChanging(true)}>
          Change
        </Button>
        <Button className="min-h-11 flex-1" disabled={busy} onClick={() => onDecide("declined", "", "")}>
          Decline
        </Button>
      </div>
    );
  }
  return (
    <form
      className="grid w-80 gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onDecide("changed", text, reason);
      }}
    >
      {(line.proposal?.alternatives ?? []).map((alternative) => (
        <Button
          key={alternative.label}
          className="h-auto justify-start py-1.5 text-left whitespace-normal"
          onClick={() => setText(alternative.text)}
        >
          {alternative.label}: {alternative.text}
        </Button>
      ))}
      <input
        autoFocus
        aria-label={`Next ${line.exercise}`}
        className="min-h-11 rounded-md border border-line-strong/60 bg-raised px-2"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <input
        aria-label="Your reason"
        placeholder="Your reason, if you like"
        className="min-h-11 rounded-md border border-line-strong/60 bg-raised px-2 placeholder:text-soft"
        value={reason}
        onChange={(event) => setReason(event.target.value)}
      />
      <div className="flex gap-2">
        <Button tone="act" type="submit" className="min-h-11 flex-1" disabled={busy}>
          Write it
        </Button>
        <Button className="min-h-11" onClick={() => setChanging(false)}>
          Back
        </Button>
      </div>
    </form>
  );
}
