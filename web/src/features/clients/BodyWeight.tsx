import { t } from "../../ui/words";
import { useKept } from "../../ui/fields/useKept";
import { Picture } from "../../ui/pictures/Picture";
import { Input } from "../../ui/fields/Input";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Scale } from "lucide-react";
import { api, Problem, type Schemas } from "../../api/client";
import { freshId } from "../../api/ids";
import { keys } from "../../api/keys";
import { Button } from "../../ui/Button";
import { load, shortDate, today } from "../../ui/format";
import { Message } from "../../ui/Message";
import { useScale } from "./useScale";

/** The last body weights, one typed or read off the scale; a doubtful one is asked about. */
export function BodyWeight({ client }: { client: Schemas["ClientView"] }) {
  const [typed, setTyped] = useKept(`body weight ${client.id}`, "");
  const queries = useQueryClient();
  const scale = useScale(client.id);
  const keep = useMutation({
    mutationFn: ({ value, source, confirmed }: { value: string; source: string; confirmed: boolean }) =>
      api.keepResult(client.id, {
        id: freshId(),
        test: "body-weight",
        on: today(),
        load: { value, unit: client.facts.unit },
        at: new Date().toISOString(),
        variant: "",
        note: "",
        source,
        confirmed,
        single: false,
      }),
    onSuccess: async () => {
      setTyped("");
      scale.reset();
      await queries.invalidateQueries({ queryKey: keys.client(client.id) });
    },
  });
  const doubt = keep.error instanceof Problem && keep.error.more.doubt;
  const newest = client.body_weights.at(-1);
  const settled = scale.reading?.settled;
  const from = settled ? "scale" : "typed";
  const value = settled ? settled.value : typed.trim().replace(",", ".");
  return (
    <section aria-label={t("Body weight")} className="mt-2 border-t border-line pt-3">
      <div className="flex flex-wrap items-end gap-3">
        <div>
          <h3 className="font-semibold">{t("Body weight")}</h3>
          <p className="text-2xl font-medium">
            {newest ? load(newest.load) : <span className="text-base text-soft">{t("not weighed yet")}</span>}
          </p>
          {newest && (
            <p className="text-sm text-soft">
              {shortDate(newest.on)}, {newest.source === "scale" ? t("off the scale") : t("typed")}
            </p>
          )}
        </div>
        <Trend weights={client.body_weights} />
        <div className="ml-auto flex flex-wrap items-center justify-end gap-2">
          {scale.state === "reading" || settled ? (
            <p role="status" className="min-w-28 text-right text-2xl font-medium">
              {scale.reading
                ? `${(settled ? Number(settled.value) : scale.reading.figure).toFixed(1)} ${client.facts.unit}`
                : "…"}
              <span className={`block text-sm font-normal ${settled ? "text-done" : "text-soft"}`}>
                {settled ? t("settled") : t("settling")}
              </span>
            </p>
          ) : (
            <Input
              aria-label={t("Body weight, {{unit}}", { unit: client.facts.unit })}
              sort="decimal"
              placeholder={client.facts.unit}
              value={typed}
              change={(text) => {
                keep.reset();
                setTyped(text);
              }}
              className="w-24"
            />
          )}
          {(typed.trim() || settled) && (
            <Button
              tone="act"
              disabled={keep.isPending}
              onClick={() => keep.mutate({ value, source: from, confirmed: false })}
            >
              {t("Keep it")}
            </Button>
          )}
          <Button onClick={scale.start} disabled={scale.state === "reading"}>
            <Scale size={18} aria-hidden /> {t("Read the scale")}
          </Button>
        </div>
      </div>
      {scale.state === "failed" && (
        <Message tone="caution" className="mt-2">
          {t("The scale does not answer. Type the weight, or try again.")}
        </Message>
      )}
      {keep.error && (
        <Message tone={doubt ? "caution" : "stop"} className="mt-2 flex items-center gap-3">
          {keep.error.message}
          {doubt && (
            <Button onClick={() => keep.mutate({ value, source: from, confirmed: true })}>
              {t("Yes, keep it")}
            </Button>
          )}
        </Message>
      )}
    </section>
  );
}

/** The weights as a small line, newest right. */
function Trend({ weights }: { weights: Schemas["Weighed"][] }) {
  if (weights.length < 2) return null;
  const days = weights.map((weighed) => new Date(weighed.on).getTime());
  const values = weights.map((weighed) => Number(weighed.load.value));
  const [first = 0, last = 1] = [days[0], days.at(-1)];
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const x = (day: number) => 4 + ((day - first) / Math.max(last - first, 1)) * 112;
  const y = (value: number) => 36 - ((value - low) / Math.max(high - low, 0.5)) * 28;
  const points = values.map((value, index) => [x(days[index] ?? first), y(value)] as const);
  return (
    <Picture
      width={120}
      height={44}
      says={t("Body weights: {{weights}}", {
        weights: weights.map((w) => `${shortDate(w.on)} ${load(w.load)}`).join(", "),
      })}
    >
      <polyline
        fill="none"
        stroke="var(--color-line-strong)"
        strokeWidth="1.5"
        points={points.map((point) => point.join(",")).join(" ")}
      />
      {points.map(([cx, cy], index) => (
        <circle key={index} cx={cx} cy={cy} r="3" fill="var(--color-ink)" />
      ))}
    </Picture>
  );
}
