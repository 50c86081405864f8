import { t } from "../../../ui/words";
import { TextField } from "../../../ui/fields/Input";
import { useKept } from "../../../ui/fields/useKept";
import { Button } from "../../../ui/Button";
import { Small } from "../pad/Row";
import { Panel } from "./Panel";

/** What is said most often, kept with one tap. */
const QUICK = [
  t("Left side weaker"),
  t("Right side weaker"),
  t("Rushed the lowering"),
  t("Held the breath"),
  t("Could have done more"),
  t("Needed a push"),
  t("Range got shorter"),
  t("Cue worked"),
] as const;

export type NoteOn = "exercise" | "session" | "next" | "always";

/** A note on the exercise, on the session, or for the next time; the usual ones are one tap. */
export function NotePanel({
  exercise,
  place,
  always,
  onDone,
  onKeep,
}: {
  exercise: string;
  /** Where what is typed is kept until it is a note. */
  place: string;
  /** What goes for the client with this exercise in every program. */
  always: string;
  onDone: () => void;
  onKeep: (text: string, on: NoteOn) => void;
}) {
  const [text, setText, forget] = useKept(`note ${place}`, "");
  const typed = text.trim();
  const keep = (words: string, on: NoteOn) => {
    if (words === typed) forget();
    onKeep(words, on);
  };
  return (
    <Panel title={t("Note")} back={t("Back to the set")} onBack={onDone}>
      <div className="mt-3 grid grid-cols-2 gap-2">
        {QUICK.map((words) => (
          <Small key={words} onClick={() => keep(words, "exercise")}>
            {words}
          </Small>
        ))}
      </div>
      {always && (
        <div className="mt-4 flex items-center gap-2">
          <p className="mr-auto text-lg">
            <span className="text-soft">{t("Always:")}</span> {always}
          </p>
          <Button className="min-h-12" onClick={() => setText(always)}>
            {t("Change it")}
          </Button>
          <Button className="min-h-12" onClick={() => keep("", "always")}>
            {t("No longer")}
          </Button>
        </div>
      )}
      <div className="mt-4">
        <TextField
          label={t("In your own words: felt, seen or agreed")}
          className="text-lg"
          rows={3}
          value={text}
          change={setText}
        />
      </div>
      <div className="mt-2 grid gap-2">
        <Button big tone="act" disabled={!typed} onClick={() => keep(typed, "exercise")}>
          <span className="truncate">{t("On {{exercise}}", { exercise })}</span>
        </Button>
        <div className="grid grid-cols-3 gap-2">
          <Button big disabled={!typed} onClick={() => keep(typed, "always")}>
            {t("Always with it")}
          </Button>
          <Button big disabled={!typed} onClick={() => keep(typed, "session")}>
            {t("On the session")}
          </Button>
          <Button big disabled={!typed} onClick={() => keep(typed, "next")}>
            {t("For next time")}
          </Button>
        </div>
      </div>
    </Panel>
  );
}
