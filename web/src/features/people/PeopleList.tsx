import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { peopleApi } from "../../api/people";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { Picker, Select } from "../../ui/fields/Select";
import { Waiting } from "../../ui/Waiting";
import { t } from "../../ui/words";
import { CodesSheet } from "./CodesSheet";

type Person = Schemas["PersonView"];
type Role = Schemas["Role"];

const ROLES: readonly (readonly [Role, string])[] = [
  ["owner", t("Owner: everything, people and backups too")],
  ["trainer", t("Trainer: plans, judges and logs")],
  ["assistant", t("Assistant: logs, does not plan")],
  ["reader", t("Reader: looks only")],
];
const SHORT: readonly (readonly [Role, string])[] = [
  ["owner", t("Owner")],
  ["trainer", t("Trainer")],
  ["assistant", t("Assistant")],
  ["reader", t("Reader")],
];

/** Everybody of the studio; the owner adds, changes and lets in again. */
export function PeopleList({ owner }: { owner: boolean }) {
  const queries = useQueryClient();
  const people = useQuery({ queryKey: keys.people, queryFn: peopleApi.people });
  const [invited, setInvited] = useState<Schemas["Invitation"] | null>(null);
  const again = () => void queries.invalidateQueries({ queryKey: keys.people });
  const change = useMutation({
    mutationFn: ({ id, ...body }: Schemas["PersonChangeRequest"] & { id: Person["id"] }) =>
      peopleApi.change(id, body),
    onSettled: again,
  });
  const invite = useMutation({
    mutationFn: peopleApi.inviteAgain,
    onSuccess: (made) => {
      setInvited(made);
      again();
    },
  });
  if (!people.data) return <Waiting shape="rows" error={people.error} retry={() => void people.refetch()} />;
  const problem = change.error ?? invite.error;
  return (
    <section aria-labelledby="people" className="mt-4">
      <h2 id="people" className="sr-only">
        {t("People")}
      </h2>
      <ul className="border-t border-line">
        {people.data.map((person) => (
          <li
            key={person.id}
            className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-2"
          >
            <span dir="auto" className={`font-medium ${person.active ? "" : "text-soft"}`}>
              {person.name}
            </span>
            <span className="text-soft">{standing(person)}</span>
            <span className="ml-auto flex flex-wrap items-center gap-2">
              {owner && person.active ? (
                <Picker
                  aria-label={t("Role of {{name}}", { name: person.name })}
                  value={person.role}
                  options={SHORT}
                  choose={(role) => role && change.mutate({ id: person.id, role })}
                />
              ) : (
                <span>{SHORT.find(([role]) => role === person.role)?.[1]}</span>
              )}
              {owner && !person.me && person.active && (
                <Button onClick={() => invite.mutate(person.id)}>{t("Let in again")}</Button>
              )}
              {owner && !person.me && (
                <Button onClick={() => change.mutate({ id: person.id, active: !person.active })}>
                  {person.active ? t("Has left") : t("Take back")}
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
      {problem instanceof Problem && (
        <Message tone="stop" className="mt-3">
          {problem.message}
        </Message>
      )}
      {owner && (
        <AddPerson
          added={(made) => {
            setInvited(made);
            again();
          }}
        />
      )}
      {invited && (
        <CodesSheet
          title={t("A code for {{name}}", { name: invited.person.name })}
          why={t(
            "With it {{name}} comes in once, within {{days}} days, and chooses a passphrase. It is shown this once.",
            { name: invited.person.name, days: invited.days },
          )}
          codes={[invited.code]}
          onClose={() => setInvited(null)}
        />
      )}
    </section>
  );
}

function standing(person: Person): string {
  if (!person.active) return t("has left");
  if (person.me) return t("you");
  return person.can_sign_in ? "" : t("has not signed in yet");
}

function AddPerson({ added }: { added: (made: Schemas["Invitation"]) => void }) {
  const [name, setName] = useState("");
  const [role, setRole] = useState<Role>("trainer");
  const add = useMutation({
    mutationFn: () => peopleApi.add(name, role),
    onSuccess: (made) => {
      setName("");
      added(made);
    },
  });
  return (
    <form
      className="mt-4 grid items-start gap-3 sm:grid-cols-[1fr_1fr_auto]"
      onSubmit={(event) => {
        event.preventDefault();
        add.mutate();
      }}
    >
      <TextField label={t("Somebody new")} value={name} change={setName} />
      <Select label={t("May")} value={role} options={ROLES} choose={(next) => next && setRole(next)} />
      <p className="pt-6">
        <Button type="submit" disabled={!name.trim() || add.isPending}>
          {t("Add")}
        </Button>
      </p>
      {add.error instanceof Problem && <Message tone="stop">{add.error.message}</Message>}
    </form>
  );
}
