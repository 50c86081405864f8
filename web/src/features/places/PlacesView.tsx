import { t } from "../../ui/words";
import { Select } from "../../ui/fields/Select";
import { changed } from "../../api/changed";
import { query } from "../../api/query";
import type { PlaceId } from "../../api/ids";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Message } from "../../ui/Message";
import { useClient } from "../clients/ClientFrame";
import { PlaceEditor } from "./PlaceEditor";

/** Where the client trains: the usual place first, each with its equipment and what can be lifted there. */
export function PlacesView() {
  const client = useClient();
  const queries = useQueryClient();
  const [chosen, setChosen] = useState<PlaceId | null>(null);
  const all = useQuery(query.places());
  const ids = client.places.map((place) => place.id);
  const set = useMutation({
    mutationFn: (places: PlaceId[]) => api.setPlaces(client.id, places),
    onSuccess: () => changed(queries, "place"),
  });
  const add = useMutation({
    mutationFn: () =>
      api.addPlace({
        name: t("{{name}}: new place", { name: client.facts.name }),
        unit: client.facts.unit,
        equipment: "",
        note: "",
      }),
    onSuccess: (place) => {
      setChosen(place.id);
      set.mutate([...ids, place.id]);
    },
  });
  const changing = set.isPending || add.isPending;
  // While the list changes no other place stands in for the chosen one: what is typed must not land there.
  const shown =
    client.places.find((place) => place.id === chosen) ?? (changing ? undefined : client.places[0]);
  const others = (all.data ?? []).filter((place) => !ids.includes(place.id));
  const error = set.error ?? add.error;
  return (
    <div className="grid gap-x-10 gap-y-5 lg:grid-cols-[16rem_1fr]">
      <section aria-label={t("Places")} className="grid content-start gap-3">
        <ul className="border-t border-line">
          {client.places.map((place, index) => (
            <li key={place.id} className="border-b border-line">
              <button
                type="button"
                aria-pressed={place.id === shown?.id}
                onClick={() => setChosen(place.id)}
                className="w-full px-2 py-2 text-left hover:bg-sunk aria-pressed:bg-sunk aria-pressed:font-semibold"
              >
                {place.facts.name}
                <span className="block text-sm font-normal text-soft">
                  {index === 0 ? t("usual place") : t("also trains here")}
                  {place.clients.length > 1 &&
                    t(", shared by {{clients}}", { clients: place.clients.length })}
                </span>
              </button>
            </li>
          ))}
        </ul>
        {client.places.length === 0 && (
          <p className="text-soft">
            {t("No place yet. Until there is one, only body weight counts as at hand.")}
          </p>
        )}
        <Select
          label={t("Trains at another place of yours")}
          value=""
          empty={t("Choose …")}
          options={others.map((place) => [place.id, place.facts.name] as const)}
          choose={(place) => {
            if (!place) return;
            set.mutate([...ids, place]);
            setChosen(place);
          }}
        />
        <Button onClick={() => add.mutate()} disabled={add.isPending}>
          {t("A new place")}
        </Button>
        {error && <Message tone="stop">{error.message}</Message>}
      </section>
      {shown && (
        <PlaceEditor
          key={shown.id}
          place={shown}
          usual={shown.id === ids[0]}
          makeUsual={() => set.mutate([shown.id, ...ids.filter((id) => id !== shown.id)])}
          leave={() => set.mutate(ids.filter((id) => id !== shown.id))}
          others={whoElse(shown, client.facts.name)}
        />
      )}
    </div>
  );
}

/** Who else trains at a place. */
const whoElse = (place: Schemas["PlaceView"], name: string) => place.clients.filter((who) => who !== name);
