import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { showAnswer } from "../../api/changed";
import { Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { peopleApi } from "../../api/people";
import { Button } from "../../ui/Button";
import { fullDate } from "../../ui/format";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { Select } from "../../ui/fields/Select";
import { t } from "../../ui/words";

/** Who leads the client, and who covers; nothing where there is nobody else. */
export function WhoseClient({ client }: { client: Schemas["ClientView"] }) {
  const queries = useQueryClient();
  const people = useQuery({ queryKey: keys.people, queryFn: peopleApi.people });
  const { leading } = client;
  const [cover, setCover] = useState("");
  const [until, setUntil] = useState("");
  const trainers = (people.data ?? []).filter(
    (person) => person.active && (person.role === "owner" || person.role === "trainer"),
  );
  const idOf = (text: string) => trainers.find((person) => String(person.id) === text)?.id;
  const known = (now: Schemas["Leading"]) => {
    void showAnswer(queries, keys.client(client.id), { ...client, leading: now });
    void queries.invalidateQueries({ queryKey: keys.today });
    void queries.invalidateQueries({ queryKey: keys.clients, exact: true });
  };
  const hand = useMutation({
    mutationFn: (person: Schemas["PersonView"]["id"]) => peopleApi.handOver(client.id, person),
    onSuccess: known,
  });
  const stand = useMutation({
    mutationFn: () => {
      const person = idOf(cover);
      return peopleApi.cover(client.id, person ? { person_id: person, until: until || null } : {});
    },
    onSuccess: known,
  });
  const end = useMutation({ mutationFn: () => peopleApi.cover(client.id, {}), onSuccess: known });
  if (trainers.length < 2) return null;
  const options = trainers.map((person) => [String(person.id), person.name] as const);
  const problem = hand.error ?? stand.error ?? end.error;
  return (
    <section aria-labelledby="whose" className="grid gap-3 border-t border-line pt-4">
      <h2 id="whose" className="font-semibold">
        {t("Whose client")}
      </h2>
      <div className="grid max-w-xl gap-3 sm:grid-cols-2">
        <Select
          label={t("Own trainer")}
          value={leading.lead_id ? String(leading.lead_id) : ""}
          options={options}
          empty={t("nobody yet")}
          choose={(text) => {
            const person = idOf(text);
            if (person) hand.mutate(person);
          }}
        />
      </div>
      {leading.cover_id ? (
        <p className="flex flex-wrap items-center gap-3">
          {t("{{name}} covers through {{day}}.", {
            name: leading.cover,
            day: fullDate(leading.cover_until ?? ""),
          })}
          <Button onClick={() => end.mutate()}>{t("End that")}</Button>
        </p>
      ) : (
        <form
          className="grid max-w-xl items-start gap-3 sm:grid-cols-[1fr_1fr_auto]"
          onSubmit={(event) => {
            event.preventDefault();
            stand.mutate();
          }}
        >
          <Select
            label={t("Covered by")}
            value={cover}
            options={options.filter(([id]) => id !== String(leading.lead_id))}
            empty={t("nobody")}
            choose={setCover}
          />
          <TextField sort="date" label={t("Through")} value={until} change={setUntil} />
          <p className="pt-6">
            <Button type="submit" disabled={!cover || !until || stand.isPending}>
              {t("Let cover")}
            </Button>
          </p>
        </form>
      )}
      {problem instanceof Problem && <Message tone="stop">{problem.message}</Message>}
    </section>
  );
}
