import { t } from "../../ui/words";
import { useMutation } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { files } from "../../api/files";
import { Button } from "../../ui/Button";
import { Message } from "../../ui/Message";

/** What was brought in last, with its one undo; it outlives a reload until it is undone or put away. */
export function BroughtIn({
  batch,
  undone,
  putAway,
  children,
}: {
  batch: string;
  /** Called once it is taken back, or was already. */
  undone: () => void;
  putAway: () => void;
  children: ReactNode;
}) {
  const undo = useMutation({ mutationFn: () => files.takeBack(batch), onSuccess: undone });
  return (
    <Message tone="done" className="mt-4">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="mr-auto font-medium">{children}</p>
        <Button onClick={() => undo.mutate()} disabled={undo.isPending}>
          {t("Undo")}
        </Button>
        <Button onClick={putAway}>{t("Keep")}</Button>
      </div>
      {undo.error && <p className="mt-2 text-stop">{undo.error.message}</p>}
    </Message>
  );
}
