import { t } from "../../ui/words";
import { FilePick } from "../../ui/fields/FilePick";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api } from "../../api/client";
import { changed } from "../../api/changed";
import type { ExerciseId } from "../../api/ids";
import { Button } from "../../ui/Button";
import { Message } from "../../ui/Message";
import { pictureAddress } from "./pictureAddress";
import { shrink } from "./shrink";

/** A photo or drawing of the trainer's own: shown here, on the floor and on the client's sheet. */
export function OwnPicture({ id, name, mark }: { id: ExerciseId; name: string; mark: string }) {
  const queries = useQueryClient();
  const refresh = () => changed(queries, "library");
  const keep = useMutation({
    mutationFn: async (file: File) => api.keepPicture(id, await shrink(file)),
    onSuccess: refresh,
  });
  const drop = useMutation({ mutationFn: () => api.dropPicture(id), onSuccess: refresh });
  const problem = keep.error ?? drop.error;
  return (
    <section aria-label={t("Picture")} className="grid justify-items-start gap-2">
      {mark && (
        <img
          src={pictureAddress(id, mark)}
          alt={t("{{name}}, as the trainer shows it", { name })}
          className="max-h-72 max-w-full rounded-md border border-line"
        />
      )}
      <div className="flex flex-wrap items-center gap-2">
        <FilePick accept="image/*" choose={(file) => keep.mutate(file)}>
          {keep.isPending ? t("Keeping it …") : mark ? t("Another picture") : t("Add a photo or drawing")}
        </FilePick>
        {mark && (
          <Button tone="quiet" onClick={() => drop.mutate()}>
            {t("Take it away")}
          </Button>
        )}
      </div>
      {problem && <Message tone="stop">{problem.message}</Message>}
    </section>
  );
}
