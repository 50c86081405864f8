// What draws the warning signs comes with the view: they are shown when the server is away too.
import "../../ui/SheetDialog";
import { t } from "../../ui/words";
import { useKept } from "../../ui/fields/useKept";
import { inWords } from "../../outbox/words";
import { useAddress } from "../../app/useAddress";
import { ArrowLeft, CloudOff, RefreshCw } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { Button } from "../../ui/Button";
import { count } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Waiting } from "../../ui/Waiting";
import { WarningSigns } from "../health/WarningSigns";
import { TestPad } from "./TestPad";
import { TestStrip } from "./TestStrip";
import { useRound } from "./useRound";

/** The testing floor: one test at a time, its standard in sight, one tap to keep what was measured. */
export function TestingView() {
  const { roundId } = useAddress();
  const data = useRound(roundId);
  const navigate = useNavigate();
  const [chosen, setChosen] = useKept<number | null>(`testing at ${roundId}`, null);
  const [signs, setSigns] = useState(false);
  const { view, tests } = data;
  if (!view || !tests)
    return <Waiting shape="floor" error={data.round.error} retry={() => void data.round.refetch()} />;
  const open = tests.findIndex((test) => !test.result && !test.waiting);
  const at = chosen ?? (open >= 0 ? open : tests.length - 1);
  const test = tests[at];
  const done = tests.filter((entry) => entry.result !== null || entry.waiting).length;
  const finish = async () => {
    await data.finish();
    void navigate(`/clients/${view.client_id}/tests`);
  };
  return (
    <div className="mx-auto flex min-h-dvh max-w-5xl flex-col">
      <header className="flex items-center gap-3 border-b border-line bg-raised px-3 py-2">
        <Link
          to={`/clients/${view.client_id}/tests`}
          aria-label={t("Back to {{client}}", { client: view.client })}
          className="grid size-12 shrink-0 place-items-center rounded-md hover:bg-sunk"
        >
          <ArrowLeft aria-hidden />
        </Link>
        <div className="min-w-0">
          <h1 className="truncate text-lg leading-tight font-semibold">{view.client}</h1>
          <p className="truncate text-sm text-soft">
            {t("{{name}}, {{done}} of {{tests}} measured", { name: view.name, done, tests: tests.length })}
          </p>
        </div>
        <p
          role="status"
          className={`ml-auto flex items-center gap-1.5 text-sm whitespace-nowrap ${data.away || data.waiting ? "text-caution" : "text-done"}`}
        >
          {data.away ? (
            <>
              <CloudOff size={18} aria-hidden />{" "}
              {t("{{results}} kept here", { results: count(data.waiting, "result") })}
            </>
          ) : data.waiting ? (
            <>
              <RefreshCw size={18} aria-hidden /> {t("Saving")}
            </>
          ) : (
            t("Saved")
          )}
        </p>
        <Button className="min-h-12 max-sm:hidden" onClick={() => setSigns(true)}>
          {t("Warning signs")}
        </Button>
        <Button className="min-h-12" tone={open < 0 ? "act" : "plain"} onClick={() => void finish()}>
          {t("Finish")}
        </Button>
      </header>
      <TestStrip tests={tests} at={at} choose={setChosen} />
      {view.screening.reminder && (
        <Message tone={view.screening.allowed === null ? "stop" : "caution"} className="mx-3 mt-3">
          {view.screening.reminder}
        </Message>
      )}
      {data.refused.map((entry) => (
        <Message key={entry.key} tone={entry.doubt ? "caution" : "stop"} className="mx-3 mt-3">
          <p>{entry.doubt ? entry.refused : `${inWords(entry)} was not taken: ${entry.refused}`}</p>
          <div className="mt-2 flex gap-2">
            {entry.doubt && (
              <Button big onClick={() => data.confirm(entry.key)}>
                {t("Yes, keep it")}
              </Button>
            )}
            <Button big onClick={() => data.dismiss(entry.key)}>
              {entry.doubt ? t("No, measure again") : t("I have read it")}
            </Button>
          </div>
        </Message>
      ))}
      {test && (
        <TestPad
          place={`${roundId} ${test.item.id} ${test.side ?? ""} ${test.result?.result.id ?? ""}`}
          key={`${test.item.id}${test.side ?? ""}${test.result?.result.id ?? ""}`}
          test={test}
          round={view}
          keep={(said) => {
            void data.keep(test, said);
            const next = tests.findIndex((entry, index) => index > at && !entry.result && !entry.waiting);
            setChosen(next >= 0 ? next : null);
          }}
          skip={() => setChosen(Math.min(at + 1, tests.length - 1))}
        />
      )}
      <WarningSigns open={signs} onClose={() => setSigns(false)} />
    </div>
  );
}
