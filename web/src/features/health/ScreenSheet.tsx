import { t } from "../../ui/words";
import { Disease, Sign } from "../../api/enums";
import type { ClientId } from "../../api/ids";
import { useKept } from "../../ui/fields/useKept";
import { api, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/fields/Choice";
import { today } from "../../ui/format";
import { Message } from "../../ui/Message";
import { Sheet } from "../../ui/Sheet";
import { Tick } from "../../ui/Tick";
import { useHealth } from "./useHealth";

interface Answers {
  active: "yes" | "no" | null;
  known: Schemas["Disease"][];
  found: Schemas["Sign"][];
  intends: Schemas["Intensity"];
  asked: { known: boolean; found: boolean };
}

const UNASKED: Answers = {
  active: null,
  known: [],
  found: [],
  intends: "light to moderate",
  asked: { known: false, found: false },
};

/** The four questions of the screen; nothing is assumed about what was not asked. */
export function ScreenSheet({ clientId, onClose }: { clientId: ClientId; onClose: () => void }) {
  const [answers, setAnswers, forget] = useKept(`screen ${clientId}`, UNASKED);
  const { active, known, found, intends, asked } = answers;
  const set = (change: Partial<Answers>) => setAnswers((now) => ({ ...now, ...change }));
  const keep = useHealth(
    () =>
      api.addScreen(clientId, {
        on: today(),
        active: active === "yes",
        diseases: known,
        signs: found,
        intends,
      }),
    () => {
      forget();
      onClose();
    },
  );
  const ready = active !== null && (asked.known || known.length > 0) && (asked.found || found.length > 0);
  return (
    <Sheet title={t("Health screen")} open onClose={onClose}>
      <div className="grid gap-5">
        <Choice
          label={t(
            "1. Active for at least three months: 30 minutes, at least moderate, three days a week or more?",
          )}
          value={active}
          options={[
            ["yes", t("Yes")],
            ["no", t("No")],
          ]}
          choose={(active) => set({ active })}
        />
        <Ticks
          legend={t("2. Known disease of")}
          options={Disease}
          chosen={known}
          change={(known) => set({ known })}
          none={asked.known}
          setNone={(none) => set({ asked: { ...asked, known: none }, ...(none && { known: [] }) })}
        />
        <Ticks
          legend={t("3. Any of these, now or in the last weeks")}
          options={Sign}
          chosen={found}
          change={(found) => set({ found })}
          none={asked.found}
          setNone={(none) => set({ asked: { ...asked, found: none }, ...(none && { found: [] }) })}
        />
        <Choice
          label={t("4. Meant to train")}
          value={intends}
          options={[
            ["light to moderate", t("Light to moderate")],
            ["vigorous", t("Vigorous")],
          ]}
          choose={(intends) => set({ intends })}
        />
        {keep.error && <Message tone="stop">{keep.error.message}</Message>}
        <Button big tone="act" disabled={!ready || keep.isPending} onClick={() => keep.mutate(undefined)}>
          {t("Keep the answers")}
        </Button>
        {!ready && (
          <p className="text-sm text-soft">
            {t("Answer 1, and in 2 and 3 tick what applies or “none of these”.")}
          </p>
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
        {t("None of these")}
      </Tick>
    </fieldset>
  );
}
