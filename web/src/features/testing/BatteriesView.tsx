import { named, t } from "../../ui/words";
import { TextField } from "../../ui/fields/Input";
import { query } from "../../api/query";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { ArrowDown, ArrowUp, X } from "lucide-react";
import { useState } from "react";
import { api, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { Button } from "../../ui/Button";
import { Message } from "../../ui/Message";
import { Waiting } from "../../ui/Waiting";
import { AddTest } from "./AddTest";
import { OwnTestSheet } from "./OwnTestSheet";

/** Batteries as lists to edit: what ships stays as it is beneath, and can be brought back. */
export function BatteriesView() {
  const shelf = useQuery(query.batteries());
  const [chosen, setChosen] = useState<string | null>(null);
  if (!shelf.data) return <Waiting error={shelf.error} retry={() => void shelf.refetch()} />;
  const { batteries } = shelf.data;
  const shown = batteries.find((battery) => battery.id === chosen) ?? batteries[0];
  return (
    <div className="mx-auto max-w-6xl px-4 py-6">
      <h1 className="mb-4 text-2xl font-semibold tracking-tight">{t("Test batteries")}</h1>
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[18rem_1fr]">
        <nav aria-label={t("Batteries")}>
          <ul className="border-t border-line">
            {batteries.map((battery) => (
              <li key={battery.id} className="border-b border-line">
                <button
                  type="button"
                  aria-pressed={battery.id === shown?.id}
                  onClick={() => setChosen(battery.id)}
                  className="w-full px-2 py-2 text-left hover:bg-sunk aria-pressed:bg-sunk aria-pressed:font-semibold"
                >
                  {battery.name}
                  <span className="block text-sm font-normal text-soft">
                    {t("{{tests}} tests, again after {{repeat_weeks}} weeks{{more}}", {
                      tests: battery.tests.length,
                      repeat_weeks: battery.repeat_weeks,
                      more: battery.own ? t(", yours") : battery.edited ? t(", changed by you") : "",
                    })}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <NewBattery onAdded={setChosen} />
        </nav>
        {shown && <BatteryEditor key={shown.id} battery={shown} tests={shelf.data.tests} />}
      </div>
    </div>
  );
}

function NewBattery({ onAdded }: { onAdded: (id: string) => void }) {
  const queries = useQueryClient();
  const add = useMutation({
    mutationFn: () =>
      api.addBattery({ name: t("New battery"), purpose: "", tests: ["body-weight"], repeat_weeks: 8 }),
    onSuccess: async (battery) => {
      await queries.invalidateQueries({ queryKey: keys.batteries });
      onAdded(battery.id);
    },
  });
  return (
    <Button className="mt-3" onClick={() => add.mutate()} disabled={add.isPending}>
      {t("A battery of your own")}
    </Button>
  );
}

function BatteryEditor({ battery, tests }: { battery: Schemas["Battery"]; tests: Schemas["TestItem"][] }) {
  const [own, setOwn] = useState(false);
  const queries = useQueryClient();
  const refresh = () => queries.invalidateQueries({ queryKey: keys.batteries });
  const save = useMutation({
    // One after the other, each on top of what the one before came to.
    scope: { id: `battery-${battery.id}` },
    mutationFn: (change: Partial<Schemas["BatteryRequest"]>) => {
      const shelf = queries.getQueryData<Schemas["BatteryShelf"]>(keys.batteries);
      const { name, purpose, tests, repeat_weeks } =
        shelf?.batteries.find((entry) => entry.id === battery.id) ?? battery;
      return api.changeBattery(battery.id, { name, purpose, tests, repeat_weeks, ...change });
    },
    onSuccess: refresh,
  });
  const back = useMutation({ mutationFn: () => api.removeBattery(battery.id), onSuccess: refresh });
  const byId = new Map(tests.map((test) => [test.id, test]));
  const move = (index: number, by: number) => {
    const list = [...battery.tests];
    const [taken] = list.splice(index, 1);
    if (taken) list.splice(index + by, 0, taken);
    save.mutate({ tests: list });
  };
  return (
    <section aria-label={battery.name} className="grid content-start gap-4">
      <BatteryFields
        key={`${battery.name}|${battery.purpose}|${battery.repeat_weeks}`}
        battery={battery}
        save={(change) => save.mutate(change)}
      />
      {(save.error ?? back.error) && <Message tone="stop">{(save.error ?? back.error)?.message}</Message>}
      <ol className="border-t border-line">
        {battery.tests.map((id, index) => {
          const test = byId.get(id);
          return (
            <li key={id} className="grid sm:grid-cols-[1.5rem_1fr_auto] gap-3 border-b border-line py-2">
              <span className="text-soft">{index + 1}</span>
              <span>
                <span className="font-medium">{test?.name ?? id}</span>
                <span className="ml-2 text-sm text-soft">
                  {test && named(test.kind)}
                  {test?.sides && t(", each side")}
                  {test && t(", typical error {{test}}", { test: errorWords(test) })}
                </span>
                <span className="block text-sm text-soft">{test?.standard}</span>
              </span>
              <span className="flex self-center">
                <Small
                  label={t("Move {{more}} up", { more: test?.name ?? id })}
                  disabled={index === 0}
                  onClick={() => move(index, -1)}
                >
                  <ArrowUp size={16} aria-hidden />
                </Small>
                <Small
                  label={t("Move {{more}} down", { more: test?.name ?? id })}
                  disabled={index === battery.tests.length - 1}
                  onClick={() => move(index, 1)}
                >
                  <ArrowDown size={16} aria-hidden />
                </Small>
                <Small
                  label={t("Take {{more}} out", { more: test?.name ?? id })}
                  disabled={battery.tests.length === 1}
                  onClick={() => save.mutate({ tests: battery.tests.filter((entry) => entry !== id) })}
                >
                  <X size={16} aria-hidden />
                </Small>
              </span>
            </li>
          );
        })}
      </ol>
      <div className="flex flex-wrap items-end gap-3">
        <AddTest
          tests={tests.filter((test) => !battery.tests.includes(test.id))}
          add={(test) => save.mutate({ tests: [...battery.tests, test.id] })}
        />
        <Button onClick={() => setOwn(true)}>{t("A test of your own")}</Button>
        {(battery.own || battery.edited) && (
          <Button tone="quiet" onClick={() => back.mutate()}>
            {battery.own ? t("Remove this battery") : t("Back to how it shipped")}
          </Button>
        )}
      </div>
      {own && (
        <OwnTestSheet
          onClose={() => setOwn(false)}
          onAdded={(test) => {
            setOwn(false);
            save.mutate({ tests: [...battery.tests, test.id] });
          }}
        />
      )}
    </section>
  );
}

function BatteryFields({
  battery,
  save,
}: {
  battery: Schemas["Battery"];
  save: (change: Partial<Schemas["BatteryRequest"]>) => void;
}) {
  const [name, setName] = useState(battery.name);
  const [purpose, setPurpose] = useState(battery.purpose);
  const [weeks, setWeeks] = useState(String(battery.repeat_weeks));
  return (
    <div className="grid sm:grid-cols-[1fr_2fr_8rem] gap-3">
      <TextField
        label={t("Name")}
        value={name}
        change={setName}
        onBlur={() => name.trim() && name !== battery.name && save({ name })}
      />
      <TextField
        label={t("What it is for")}
        value={purpose}
        change={setPurpose}
        onBlur={() => purpose !== battery.purpose && save({ purpose })}
      />
      <TextField
        label={t("Again after, weeks")}
        sort="numeric"
        value={weeks}
        change={setWeeks}
        onBlur={() => Number(weeks) !== battery.repeat_weeks && save({ repeat_weeks: Number(weeks) || 0 })}
      />
    </div>
  );
}

function errorWords(test: Schemas["TestItem"]): string {
  const size = Number(test.typical_error);
  return test.error_is_share ? `${Math.round(size * 100)} %` : String(size);
}

function Small(props: { label: string; disabled: boolean; onClick: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      aria-label={props.label}
      disabled={props.disabled}
      onClick={props.onClick}
      className="grid size-8 place-items-center rounded text-soft hover:bg-sunk hover:text-ink disabled:opacity-70 disabled:hover:bg-transparent"
    >
      {props.children}
    </button>
  );
}
