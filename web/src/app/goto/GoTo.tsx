// One box to get anywhere: a client, a view, an exercise, or something to do.
import { t } from "../../ui/words";
import { Command } from "cmdk";
import { Dialog } from "radix-ui";
import { useQuery } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { useNavigate } from "react-router";
import { query } from "../../api/query";
import { useHelp } from "../help/opening";
import { setTheme, useTheme } from "../theme";
import { inOrder, matching } from "./matching";

const VIEWS: readonly (readonly [string, string])[] = [
  [t("Today"), "/"],
  [t("Clients"), "/clients"],
  [t("Library"), "/library"],
  [t("Tests"), "/batteries"],
  [t("Settings"), "/settings"],
];
const MOST_CLIENTS = 6;
const MOST_EXERCISES = 5;

export default function GoTo({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[12dvh] left-1/2 z-50 w-[min(36rem,94vw)] -translate-x-1/2 overflow-hidden rounded-lg border border-line bg-raised text-ink shadow-xl"
        >
          <Dialog.Title className="sr-only">{t("Go to")}</Dialog.Title>
          <Choices onClose={onClose} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Choices({ onClose }: { onClose: () => void }) {
  const [typed, setTyped] = useState("");
  const words = typed.trim();
  const clients = useQuery(query.clients());
  const exercises = useQuery({
    ...query.found(words, null, null, MOST_EXERCISES),
    enabled: words.length > 1,
  });
  const navigate = useNavigate();
  const help = useHelp();
  const theme = useTheme();
  const go = (path: string) => () => {
    onClose();
    void navigate(path);
  };
  const todo: readonly (readonly [string, () => void])[] = [
    [t("Add a client"), go("/clients/new")],
    [t("Bring in clients from a spreadsheet"), go("/clients/bring-in")],
    [
      t("Help"),
      () => {
        onClose();
        help();
      },
    ],
    [
      theme === "dark" ? t("Light theme") : t("Dark theme"),
      () => {
        setTheme(theme === "dark" ? "light" : "dark");
        onClose();
      },
    ],
  ];
  const acts = matching(words, todo, ([name]) => name);
  const views = matching(words, VIEWS, ([name]) => name);
  const people = matching(words, clients.data ?? [], (one) => `${one.name} ${one.goal}`).slice(
    0,
    MOST_CLIENTS,
  );
  const found = words.length > 1 ? (exercises.data?.hits ?? []).slice(0, MOST_EXERCISES) : [];
  return (
    // What fits is chosen below; the filter only lets the first be chosen anew with each letter.
    <Command filter={() => 1} loop label={t("Go to")}>
      <Command.Input
        value={typed}
        onValueChange={setTyped}
        aria-label={t("Client, view, exercise, or what to do")}
        placeholder={t("Client, view, exercise, or what to do")}
        className="w-full border-b border-line bg-transparent px-4 py-3 text-lg outline-none placeholder:text-soft/70"
      />
      <Command.List className="max-h-[55dvh] overflow-y-auto p-2">
        <Command.Empty className="px-3 py-2 text-soft">{t("Nothing by these words.")}</Command.Empty>
        {inOrder(words, [
          {
            names: people.map((one) => one.name),
            part: (
              <Part key="Clients" title={t("Clients")}>
                {people.map((one) => (
                  <Choice
                    key={one.id}
                    value={`client ${one.id}`}
                    onSelect={go(`/clients/${one.id}`)}
                    more="file"
                  >
                    <span dir="auto">{one.name}</span>
                  </Choice>
                ))}
                {words !== "" &&
                  people.slice(0, 2).flatMap((one) => [
                    one.program_id ? (
                      <Choice
                        key={`program ${one.id}`}
                        value={`program ${one.id}`}
                        onSelect={go(`/programs/${one.program_id}`)}
                        more="program"
                      >
                        <span dir="auto">{one.name}</span>
                      </Choice>
                    ) : null,
                    <Choice
                      key={`progress ${one.id}`}
                      value={`progress ${one.id}`}
                      onSelect={go(`/clients/${one.id}/progress`)}
                      more="progress"
                    >
                      <span dir="auto">{one.name}</span>
                    </Choice>,
                  ])}
              </Part>
            ),
          },
          {
            names: views.map(([name]) => name),
            part: (
              <Part key="Views" title={t("Views")}>
                {views.map(([name, path]) => (
                  <Choice key={path} value={`view ${path}`} onSelect={go(path)}>
                    {name}
                  </Choice>
                ))}
              </Part>
            ),
          },
          {
            names: found.map(({ exercise }) => exercise.name),
            part: (
              <Part key="Exercises" title={t("Exercises")}>
                {found.map(({ exercise }) => (
                  <Choice
                    key={exercise.id}
                    value={`exercise ${exercise.id}`}
                    onSelect={go(`/library/${exercise.id}`)}
                    more={exercise.pattern}
                  >
                    {exercise.name}
                  </Choice>
                ))}
              </Part>
            ),
          },
          {
            names: acts.map(([name]) => name),
            part: (
              <Part key="To do" title={t("To do")}>
                {acts.map(([name, act]) => (
                  <Choice key={name} value={`do ${name}`} onSelect={act}>
                    {name}
                  </Choice>
                ))}
              </Part>
            ),
          },
        ])}
      </Command.List>
    </Command>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Command.Group
      heading={title}
      className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-soft"
    >
      {children}
    </Command.Group>
  );
}

function Choice({
  value,
  onSelect,
  more,
  children,
}: {
  value: string;
  onSelect: () => void;
  more?: string;
  children: ReactNode;
}) {
  return (
    <Command.Item
      value={value}
      onSelect={onSelect}
      className="flex min-h-10 cursor-pointer items-center justify-between gap-3 rounded px-3 data-[selected=true]:bg-sunk data-[selected=true]:font-medium"
    >
      <span className="min-w-0 break-words">{children}</span>
      {more && <span className="shrink-0 text-sm font-normal text-soft">{more}</span>}
    </Command.Item>
  );
}
