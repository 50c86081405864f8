import { useState } from "react";
import { Button } from "../../ui/Button";
import { Field } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";

/** A note on the exercise, or on the whole session. */
export function NoteSheet({
  open,
  exercise,
  onClose,
  onKeep,
}: {
  open: boolean;
  exercise: string;
  onClose: () => void;
  onKeep: (text: string, session: boolean) => void;
}) {
  const [text, setText] = useState("");
  const keep = (session: boolean) => {
    if (text.trim()) onKeep(text.trim(), session);
    setText("");
  };
  return (
    <Sheet title="Note" open={open} onClose={onClose}>
      <Field label="What was felt, seen or agreed">
        {(box) => (
          <textarea
            {...box}
            rows={4}
            autoFocus
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        )}
      </Field>
      <div className="mt-3 flex gap-2">
        <Button big tone="act" className="flex-1" disabled={!text.trim()} onClick={() => keep(false)}>
          On {exercise}
        </Button>
        <Button big className="flex-1" disabled={!text.trim()} onClick={() => keep(true)}>
          On the session
        </Button>
      </div>
    </Sheet>
  );
}
