import { t } from "./words";
import { useState, type ReactNode } from "react";
import { Button } from "./Button";

/** A list of which the first few stand there, and the rest for the asking. */
export function FirstFew<T>({
  of,
  few = 8,
  children,
}: {
  of: readonly T[];
  few?: number;
  children: (one: T) => ReactNode;
}) {
  const [all, setAll] = useState(false);
  const shown = all || of.length <= few + 1 ? of : of.slice(0, few);
  return (
    <>
      <ul className="border-t border-line">{shown.map(children)}</ul>
      {shown.length < of.length && (
        <Button tone="quiet" className="mt-1" onClick={() => setAll(true)}>
          {t("Show all {{of}}", { of: of.length })}
        </Button>
      )}
    </>
  );
}
