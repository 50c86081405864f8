// The report: a span is chosen, its words are changed, and it is handed over as a page or on paper.
import { named, t } from "../../ui/words";
import { FilePick } from "../../ui/fields/FilePick";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, Problem, type Schemas } from "../../api/client";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { count, fullDate, today } from "../../ui/format";
import { Input, TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { Waiting } from "../../ui/Waiting";
import { useClient } from "../clients/ClientFrame";
import { download } from "./download";
import { pictureOf } from "./picture";

type Texts = Schemas["ReportTexts"];

const PARTS: readonly (readonly [keyof Texts, string])[] = [
  ["opening", t("Opening")],
  ["work", t("What was done")],
  ["strength", t("Strength")],
  ["tests", t("Tests")],
  ["praise", t("Worth saying")],
  ["minded", t("Minded")],
  ["following", t("What comes next")],
];

/** Twelve weeks before a day, as the span usually is. */
function twelveWeeksBefore(day: string): string {
  const then = new Date(`${day}T12:00:00Z`);
  then.setUTCDate(then.getUTCDate() - 84);
  return then.toISOString().slice(0, 10);
}

export function ReportView() {
  const client = useClient();
  const [until, setUntil] = useState(today);
  const [start, setStart] = useState(() => twelveWeeksBefore(today()));
  const found = useQuery(query.report(client.id, start, until));
  return (
    <>
      <form className="mb-6 flex flex-wrap items-end gap-3" onSubmit={(event) => event.preventDefault()}>
        <TextField label={t("From")} sort="date" value={start} change={setStart} />
        <TextField label={t("To")} sort="date" value={until} change={setUntil} />
        <p className="pb-1.5 text-soft">{t("Made to be handed over: nothing of it is kept here.")}</p>
      </form>
      {found.data ? (
        <Written key={`${start} ${until}`} report={found.data.report} client={client} />
      ) : found.error instanceof Problem ? (
        <Message tone="stop">{found.error.message}</Message>
      ) : (
        <Waiting shape="file" error={found.error} retry={() => void found.refetch()} />
      )}
    </>
  );
}

function Written({ report, client }: { report: Schemas["ClientReport"]; client: Schemas["ClientView"] }) {
  const [texts, setTexts] = useState<Texts>(report.texts);
  const [picture, setPicture] = useState("");
  const [refused, setRefused] = useState("");
  const make = useMutation({
    mutationFn: async ([kind, size]: [Schemas["ReportKind"], Schemas["PaperSize"]]) => {
      const { start, until } = report;
      const body = { start, until, texts, kind, size, picture };
      download(
        await api.writeReport(client.id, body),
        t("{{name}} report {{until}}.{{kind}}", { name: client.facts.name, until, kind: named(kind) }),
      );
    },
  });
  const choose = async (file: File) => {
    setRefused("");
    try {
      setPicture(await pictureOf(file));
    } catch {
      setRefused(t("That is no picture that can be read. Take a JPEG, PNG or WebP."));
    }
  };
  return (
    <div className="grid items-start gap-x-12 gap-y-8 lg:grid-cols-[3fr_2fr]">
      <section aria-labelledby="words" className="grid gap-3">
        <h2 id="words" className="text-lg font-semibold">
          {t("Its words")}
        </h2>
        {PARTS.map(([part, title]) => (
          <label key={part} className="grid gap-1 text-sm font-medium">
            {title}
            <Input
              wide
              className="text-base"
              maxLength={2000}
              rows={Math.max(2, Math.ceil(texts[part].length / 70))}
              placeholder={t("left out")}
              value={texts[part]}
              change={(text) => setTexts({ ...texts, [part]: text })}
            />
          </label>
        ))}
      </section>
      <div className="grid gap-7">
        <section aria-labelledby="hand-over">
          <h2 id="hand-over" className="text-lg font-semibold">
            {t("Hand it over")}
          </h2>
          <div className="mt-2 flex flex-wrap gap-2">
            <Button
              tone="act"
              data-main-action
              disabled={make.isPending}
              onClick={() => make.mutate(["pdf", "a4"])}
            >
              {make.isPending ? t("Writing the report …") : t("PDF, A4")}
            </Button>
            <Button disabled={make.isPending} onClick={() => make.mutate(["pdf", "letter"])}>
              {t("PDF, Letter")}
            </Button>
            <Button disabled={make.isPending} onClick={() => make.mutate(["html", "a4"])}>
              {t("A page (HTML)")}
            </Button>
          </div>
          {make.error instanceof Problem && <Message tone="stop">{make.error.message}</Message>}
          <FilePick accept="image/*" choose={(file) => void choose(file)}>
            {picture ? t("Another picture") : t("A picture the client brings")}
          </FilePick>
          {picture && (
            <Button tone="quiet" onClick={() => setPicture("")}>
              {t("Without it")}
            </Button>
          )}
          <p className="text-sm text-soft" role="status">
            {picture ? t("It goes into the file, and is kept nowhere.") : ""}
          </p>
          {refused && <Message tone="stop">{refused}</Message>}
        </section>
        <InIt report={report} />
      </div>
    </div>
  );
}

/** What is drawn beside the words. */
function InIt({ report }: { report: Schemas["ClientReport"] }) {
  const clear = report.lifts.filter((lift) => lift.clear);
  return (
    <section aria-labelledby="in-it">
      <h2 id="in-it" className="text-lg font-semibold">
        {t("In it")}
      </h2>
      <ul className="mt-1 border-t border-line">
        <li className="border-b border-line py-1.5">
          {t("{{weeks}} of work, planned and done", { weeks: count(report.weeks.length, "week") })}
        </li>
        {report.lifts.map((lift) => (
          <li key={lift.name} className="flex gap-4 border-b border-line py-1.5">
            <span className="grow">{lift.name}</span>
            <span className={lift.clear ? "" : "text-soft"}>
              {t("{{before}} to {{after}}  {{unit}}", {
                before: lift.before,
                after: lift.after,
                unit: report.unit,
              })}
              {!lift.clear && t(", within the error")}
            </span>
          </li>
        ))}
        {report.tests.map((test) => (
          <li key={test.name} className="flex gap-4 border-b border-line py-1.5">
            <span className="grow">{test.name}</span>
            <span>
              {t("{{first}} to {{last}}  {{unit}}", { first: test.first, last: test.last, unit: test.unit })}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-sm text-soft">
        {t("{{start}} to {{until}}. {{lifts}} changed by more than the error.", {
          start: fullDate(report.start),
          until: fullDate(report.until),
          lifts: count(clear.length, "lift"),
        })}
      </p>
    </section>
  );
}
