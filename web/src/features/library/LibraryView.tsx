import { named, t } from "../../ui/words";
import { actionOf } from "../../app/keys/shortcuts";
import { Picker } from "../../ui/fields/Select";
import { Input } from "../../ui/fields/Input";
import { query } from "../../api/query";
import type { ClientId, PlaceId } from "../../api/ids";
import { useAddress } from "../../app/useAddress";
import { useQuery } from "@tanstack/react-query";
import { useState, type KeyboardEvent } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Waiting } from "../../ui/Waiting";
import { ExercisePage } from "./ExercisePage";
import { kitName } from "./words";
import { MakeExercise } from "./MakeExercise";

/** The library: type to find, arrow keys to choose; beside it the exercise, its ladders and what to do instead. */
export function LibraryView() {
  const { exerciseId } = useAddress();
  const [search, setSearch] = useSearchParams();
  const [adding, setAdding] = useState(false);
  const navigate = useNavigate();
  const q = search.get("q") ?? "";
  const client = search.get("client") as ClientId | null;
  const place = search.get("place") as PlaceId | null;
  const clients = useQuery(query.clients());
  const places = useQuery(query.places());
  const found = useQuery(query.found(q, client, place));
  if (!found.data) return <Waiting shape="file" error={found.error} retry={() => void found.refetch()} />;
  const { hits, of } = found.data;
  const shown = exerciseId ?? hits[0]?.exercise.id;
  const change = (name: string, value: string) => {
    const next = new URLSearchParams(search);
    if (value) next.set(name, value);
    else next.delete(name);
    setSearch(next, { replace: true });
  };
  const open = (id: string | undefined) => {
    if (id)
      void navigate(
        { pathname: `/library/${id}`, search: search.toString() },
        { replace: Boolean(exerciseId) },
      );
  };
  const onKey = (event: KeyboardEvent) => {
    const at = hits.findIndex((hit) => hit.exercise.id === shown);
    const asked = actionOf("library", event);
    if (asked === "down") open(hits[Math.min(at + 1, hits.length - 1)]?.exercise.id);
    else if (asked === "up") open(hits[Math.max(at - 1, 0)]?.exercise.id);
    else return;
    event.preventDefault();
  };
  return (
    <div className="mx-auto grid max-w-7xl gap-x-8 gap-y-4 px-4 py-5 lg:grid-cols-[23rem_1fr]">
      <section aria-label={t("Find an exercise")} className="grid content-start gap-2">
        <h1 className="text-2xl font-semibold tracking-tight">{t("Library")}</h1>
        <Input
          sort="search"
          data-main-action
          aria-label={t("Find by name, muscle, pattern, kit or a joint to go easy on")}
          placeholder={t("row, glutes, hinge dumbbell, knee friendly …")}
          value={q}
          autoFocus
          change={(text) => change("q", text)}
          onKeyDown={onKey}
          wide
          className="min-h-10"
        />
        <div className="grid grid-cols-2 gap-2">
          <Pick
            label={t("For")}
            empty={t("any client")}
            value={client ?? ""}
            options={(clients.data ?? []).map((entry) => [entry.id, entry.name])}
            choose={(id) => change("client", id)}
          />
          <Pick
            label={t("At")}
            empty={t("any place")}
            value={place ?? ""}
            options={(places.data ?? []).map((entry) => [entry.id, entry.facts.name])}
            choose={(id) => change("place", id)}
          />
        </div>
        <p role="status" className="text-sm text-soft">
          {t("{{more}} of {{of}} exercises", {
            more: hits.length === 40 ? t("The first 40") : hits.length,
            of,
          })}
        </p>
        <ul
          className="max-h-[calc(100dvh-19rem)] overflow-y-auto border-t border-line"
          tabIndex={0}
          aria-label={t("Found")}
        >
          {hits.map((hit) => (
            <Row
              key={hit.exercise.id}
              hit={hit}
              chosen={hit.exercise.id === shown}
              open={() => open(hit.exercise.id)}
            />
          ))}
        </ul>
        {hits.length === 0 && <p>{t("Nothing fits. Try a muscle, or add your own.")}</p>}
        <Button className="justify-self-start" onClick={() => setAdding(true)}>
          {t("An exercise of your own")}
        </Button>
      </section>
      {shown && <ExercisePage key={shown} id={shown} client={client} place={place} />}
      {adding && (
        <MakeExercise
          name={hits.length === 0 ? q : ""}
          onClose={() => setAdding(false)}
          onSaved={(made) => {
            setAdding(false);
            open(made.id);
          }}
        />
      )}
    </div>
  );
}

function Row({ hit, chosen, open }: { hit: Schemas["SearchHit"]; chosen: boolean; open: () => void }) {
  const { exercise, cautions } = hit;
  const worst = cautions[0];
  return (
    <li className="border-b border-line">
      <button
        type="button"
        aria-pressed={chosen}
        onClick={open}
        className="w-full px-2 py-1.5 text-left hover:bg-sunk aria-pressed:bg-sunk"
      >
        <span className="flex items-baseline justify-between gap-2">
          <span className="font-medium">{exercise.name}</span>
          {worst && worst.grade !== "note" && (
            <span className={`text-sm ${worst.grade === "stop" ? "text-stop" : "text-caution"}`}>
              {worst.grade === "stop" ? t("not for the") : t("mind the")} {worst.about}
            </span>
          )}
          {(exercise.own || exercise.edited) && (
            <span className="text-sm text-soft">{exercise.own ? t("yours") : t("changed")}</span>
          )}
        </span>
        <span className="block truncate text-sm text-soft">
          {named(exercise.pattern)} · {exercise.movers.map(named).join(", ")} ·{" "}
          {exercise.implements.map(kitName).join(", ")}
        </span>
      </button>
    </li>
  );
}

function Pick({
  label,
  empty,
  value,
  options,
  choose,
}: {
  label: string;
  empty: string;
  value: string;
  options: [string, string][];
  choose: (id: string) => void;
}) {
  return (
    <label className="flex items-center gap-2 text-sm">
      {label}
      <Picker wide className="min-w-0" value={value} empty={empty} options={options} choose={choose} />
    </label>
  );
}
