import { t } from "./words";
import type { UseQueryResult } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { Problem } from "../api/client";
import { Button } from "./Button";
import { Message } from "./Message";
import { Shape, type ShapeName } from "./Shape";

/** What stands in a view's place until its data is there, or when it cannot be had. */
export function Waiting({
  error,
  retry,
  shape = "rows",
}: {
  error: Error | null;
  retry: () => void;
  shape?: ShapeName;
}) {
  if (!error) return <Shape shape={shape} />;
  return (
    <div className="max-w-3xl p-6">
      <Failed error={error} retry={retry} alone />
    </div>
  );
}

/** A part of a view: what was asked once it is there, its shape until then, the reason where it cannot be had. */
export function Part<T>({
  of,
  lines = 3,
  children,
}: {
  of: Pick<UseQueryResult<T>, "data" | "error" | "refetch">;
  /** How many lines it will be about. */
  lines?: number;
  children: (data: T) => ReactNode;
}) {
  if (of.data !== undefined) return children(of.data);
  if (of.error) return <Failed error={of.error} retry={() => void of.refetch()} />;
  return <Skeleton lines={lines} />;
}

/** Why something cannot be had; `alone` where nothing else is on the page, whose heading it is then. */
function Failed({ error, retry, alone = false }: { error: Error; retry: () => void; alone?: boolean }) {
  const told = error instanceof Problem;
  const Says = alone ? "h1" : "p";
  return (
    <Message tone="stop">
      <Says>{told ? error.message : t("This could not be opened.")}</Says>
      <div className="mt-2 flex flex-wrap items-center gap-4 text-ink">
        {/* Asking again cannot help where there is nothing. */}
        {!(told && [403, 404, 410].includes(error.status)) && (
          <Button className="min-h-12" onClick={retry}>
            {t("Try again")}
          </Button>
        )}
        <a href="/" className="inline-flex min-h-12 items-center underline">
          {t("To Today")}
        </a>
      </div>
    </Message>
  );
}

/** Lines in the shape of what comes; shown after a moment, so that what comes at once does not flicker. */
export function Skeleton({ lines = 6 }: { lines?: number }) {
  return (
    <div role="status" className="grid gap-3 skeleton">
      <span className="sr-only">{t("Opening …")}</span>
      {Array.from({ length: lines }, (_, line) => (
        <span
          key={line}
          aria-hidden
          className="h-4 rounded bg-sunk"
          style={{ width: `${[92, 74, 85, 61][line % 4]}%` }}
        />
      ))}
    </div>
  );
}
