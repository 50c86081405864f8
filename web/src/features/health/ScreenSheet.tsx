import { Disease, Sign } from "../../api/enums";
import type { ClientId } from "../../api/ids";
import { useState } from "react";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { today } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Sheet } from "../../ui/Sheet";
import { Tick } from "../../ui/Tick";
import { useHealth } from "./useHealth";

/** The four questions of the screen; nothing is assumed about what was not asked. */
export function ScreenSheet({ clientId, onClose }: { clientId: ClientId; onClose: () => void }) {
  const [active, setActive] = useState<"yes" | "no" | null>(null);
  const [known, setKnown] = useState<Schemas["Disease"][]>([]);
  const [found, setFound] = useState<Schemas["Sign"][]>([]);
  const [intends, setIntends] = useState<Schemas["Intensity"]>("light to moderate");
  const [asked, setAsked] = useState({ known: false, found: false });
  const keep = useHealth(
    () =>
      api.addScreen(clientId, {
        on: today(),
        active: active === "yes",
        diseases: known,
        signs: found,
        intends,
      }),
    onClose,
  );
  const ready = active !== null && (asked.known || known.length > 0) && (asked.found || found.length > 0);
  return (
    <Sheet title="Health screen" open onClose={onClose}>
      <div className="grid gap-5">
        <Choice
          label="1. Active for at least three months: 30 minutes, at least moderate, three days a week or more?"
          value={active}
          options={[
            ["yes", "Yes"],
            ["no", "No"],
          ]}
          choose={setActive}
        />
        <Ticks
          legend="2. Known disease of"
          options={Disease}
          chosen={known}
          change={setKnown}
          none={asked.known}
          setNone={(none) => {
            setAsked({ ...asked, known: none });
            if (none) setKnown([]);
          }}
        />
        <Ticks
          legend="3. Any of these, now or in the last weeks"
          options={Sign}
          chosen={found}
          change={setFound}
          none={asked.found}
          setNone={(none) => {
            setAsked({ ...asked, found: none });
            if (none) setFound([]);
          }}
        />
        <Choice
          label="4. Meant to train"
          value={intends}
          options={[
            ["light to moderate", "Light to moderate"],
            ["vigorous", "Vigorous"],
          ]}
          choose={setIntends}
        />
        {keep.error && <Message tone="stop">{keep.error.message}</Message>}
        <Button big tone="act" disabled={!ready || keep.isPending} onClick={() => keep.mutate(undefined)}>
          Keep the answers
        </Button>
        {!ready && (
          <p className="text-sm text-soft">Answer 1, and in 2 and 3 tick what applies or “none of these”.</p>
        )}
      </div>
    </Sheet>
  );
}

function Ticks<T extends string>({
  legend,
  options,
  chosen,
  change,
  none,
  setNone,
}: {
  legend: string;
  options: readonly T[];
  chosen: T[];
  change: (chosen: T[]) => void;
  none: boolean;
  setNone: (none: boolean) => void;
}) {
  return (
    <fieldset>
      <legend className="text-sm font-medium">{legend}</legend>
      {options.map((option) => (
        <Tick
          key={option}
          checked={chosen.includes(option)}
          set={(ticked) => {
            change(ticked ? [...chosen, option] : chosen.filter((o) => o !== option));
            if (ticked) setNone(false);
          }}
        >
          <span className="first-letter:uppercase">{option}</span>
        </Tick>
      ))}
      <Tick className="font-medium" checked={none && chosen.length === 0} set={setNone}>
        None of these
      </Tick>
    </fieldset>
  );
}
