// What is the trainer's own as a file, another's library in, and the calendar by a secret address.
import { t } from "../../ui/words";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Problem } from "../../api/client";
import { files } from "../../api/files";
import { changed, showAnswer } from "../../api/changed";
import { keys } from "../../api/keys";
import { query } from "../../api/query";
import { Button } from "../../ui/Button";
import { FilePick } from "../../ui/fields/FilePick";
import { count } from "../../ui/format";
import { Message } from "../../ui/Message";
import { base64 } from "../bringing/base64";

export function LibraryFile() {
  const queries = useQueryClient();
  const [content, setContent] = useState("");
  const look = useMutation({
    mutationFn: async (file: File) => {
      const bytes = await base64(file);
      const seen = await files.lookAtLibrary(bytes);
      setContent(bytes);
      return seen;
    },
  });
  const bring = useMutation({
    mutationFn: () => files.bringInLibrary(content),
    onSuccess: async () => {
      look.reset();
      await changed(queries, "library");
      await changed(queries, "templates");
    },
  });
  const problem = look.error ?? bring.error;
  const seen = look.data;
  const many = seen ? seen.exercises.length + seen.templates.length : 0;
  return (
    <section className="mt-6 grid justify-items-start gap-3 border-t border-line pt-4">
      <h2 className="font-semibold">{t("Your exercises and templates")}</h2>
      <p className="flex flex-wrap items-center gap-3">
        <a download href="/api/library/file" className="inline-flex min-h-9 items-center underline">
          {t("As a file (.json)")}
        </a>
        <FilePick accept=".json,application/json" choose={(file) => look.mutate(file)}>
          {look.isPending ? t("Looking at it …") : t("Bring in a file")}
        </FilePick>
      </p>
      {problem instanceof Problem && <Message tone="stop">{problem.message}</Message>}
      {seen && (
        <div className="border-l-4 border-line-strong pl-3">
          {seen.exercises.length > 0 && (
            <p>{t("New exercises: {{exercises}}", { exercises: seen.exercises.join(", ") })}</p>
          )}
          {seen.templates.length > 0 && (
            <p>{t("New templates: {{templates}}", { templates: seen.templates.join(", ") })}</p>
          )}
          {seen.here.length > 0 && (
            <p className="text-soft">{t("Here already: {{here}}", { here: seen.here.join(", ") })}</p>
          )}
          {seen.refused.map((said) => (
            <Message key={said} tone="caution" className="mt-1">
              {said}
            </Message>
          ))}
          {many > 0 ? (
            <Button tone="act" className="mt-2" disabled={bring.isPending} onClick={() => bring.mutate()}>
              {t("Add {{entrys}}", { entrys: count(many, "entry", "entries") })}
            </Button>
          ) : (
            <p>{t("There is nothing new in it.")}</p>
          )}
        </div>
      )}
      {bring.data && <Message tone="done">{t("Added.")}</Message>}
    </section>
  );
}

export function CalendarFeed() {
  const queries = useQueryClient();
  const feed = useQuery(query.calendarFeed());
  const keep = (found: { path: string }) => showAnswer(queries, keys.calendarFeed, found);
  const make = useMutation({ mutationFn: files.newCalendarFeed, onSuccess: keep });
  const end = useMutation({ mutationFn: files.endCalendarFeed, onSuccess: keep });
  const path = feed.data?.path ?? "";
  return (
    <section className="mt-6 grid justify-items-start gap-3 border-t border-line pt-4">
      <h2 className="font-semibold">{t("Calendar")}</h2>
      <p className="text-soft">
        {t(
          "All sessions by an address that only you know. A calendar that can reach this app shows them and keeps up with changes. Who has the address sees names and days.",
        )}
      </p>
      {path && (
        <p>
          <span className="sr-only">{t("Address of the calendar:")} </span>
          <code className="text-sm break-all select-all">{`${window.location.origin}${path}`}</code>
        </p>
      )}
      <p className="flex flex-wrap gap-3">
        <Button disabled={make.isPending} onClick={() => make.mutate()}>
          {path ? t("A new address") : t("Make an address")}
        </Button>
        {path && (
          <Button tone="stop" disabled={end.isPending} onClick={() => end.mutate()}>
            {t("End it")}
          </Button>
        )}
      </p>
    </section>
  );
}
