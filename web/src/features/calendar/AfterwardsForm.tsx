import { t } from "../../ui/words";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import {
  NOWHERE,
  type DayId,
  type PlaceId,
  type ProgramId,
  type SessionId,
  type WeekId,
} from "../../api/ids";
import { keys } from "../../api/keys";
import { Button } from "../../ui/Button";
import { Input, TextField } from "../../ui/fields/Input";
import { Picker } from "../../ui/fields/Select";
import { Message } from "../../ui/Message";
import { useKeptText } from "../../ui/fields/useKeptText";

interface Session {
  session_id: SessionId;
  program_id: ProgramId;
  week_id: WeekId;
  day_id: DayId;
}

/** A session that was held and not logged: as planned with one tap, or what the paper says, on the day it was held. */
export function AfterwardsForm({ session, planned }: { session: Session; planned: string }) {
  const queries = useQueryClient();
  const [on, setOn] = useState(planned);
  const [text, setText] = useKeptText(`paper ${session.session_id}`);
  const [place, setPlace] = useState<PlaceId | "">("");
  const { session_id, ...where } = session;
  const { program_id, week_id, day_id } = session;
  const floor = useQuery({
    queryKey: keys.floor(program_id, week_id, day_id),
    queryFn: () => api.floor(program_id, week_id, day_id),
    select: ({ places, lines }) => ({ places, names: lines.map((line) => line.exercise) }),
  });
  const log = useMutation({
    mutationFn: () => api.logAfterwards(session_id, { ...where, on, text, place: place || NOWHERE }),
    onSettled: (_, refused) => {
      if (!refused) setText("");
    },
    // The lists it stood in are asked for when they are opened again: what was logged stays in sight till then.
    onSuccess: () =>
      Promise.all(
        [
          keys.today,
          keys.calendar(where.program_id),
          keys.board(where.program_id),
          ["overview"],
          ["progress"],
        ].map((queryKey) => queries.invalidateQueries({ queryKey, refetchType: "none" })),
      ),
  });
  if (log.isSuccess)
    return (
      <Message tone="done">
        {t("It is in the ledger.")}{" "}
        <Link className="underline" to={`/sessions/${session_id}`}>
          {t("Look back and decide what comes next")}
        </Link>
      </Message>
    );
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        log.mutate();
      }}
    >
      {log.error && <Message tone="stop">{log.error.message}</Message>}
      <div className="flex flex-wrap items-end gap-3">
        <label className="grid gap-1 text-sm font-medium">
          {t("Held on")}
          <Input sort="date" value={on} change={setOn} />
        </label>
        {(floor.data?.places.length ?? 0) > 1 && (
          <label className="grid gap-1 text-sm font-medium">
            {t("Held at")}
            <Picker
              value={place || (floor.data?.places.find((one) => one.here)?.id ?? "")}
              options={(floor.data?.places ?? []).map((one) => [one.id, one.name] as const)}
              choose={(id) => setPlace(id)}
            />
          </label>
        )}
        <Button type="submit" tone="act" disabled={log.isPending || !on}>
          {text.trim() ? t("Log what stands here") : t("Log it as planned")}
        </Button>
      </div>
      <TextField
        label={t("Or from paper, one exercise a line")}
        hint={t("A name alone went as planned; what is not named was not done.")}
        rows={4}
        placeholder={(floor.data?.names ?? ["squat 8,8,7 at 60, left 2", t("plank 40,40,35 s")]).join("\n")}
        value={text}
        change={setText}
      />
    </form>
  );
}
