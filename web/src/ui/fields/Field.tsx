import { useId, type ReactNode } from "react";

/** A labelled field; `children` gets the id and what describes it. */
export function Field({
  label,
  hint,
  problem,
  children,
}: {
  label: string;
  hint?: string | undefined;
  problem?: string | undefined;
  children: (props: { id: string; "aria-describedby": string; "aria-invalid": boolean }) => ReactNode;
}) {
  const id = useId();
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="text-sm font-medium">
        {label}
      </label>
      {children({ id, "aria-describedby": `${id}-hint`, "aria-invalid": Boolean(problem) })}
      <p id={`${id}-hint`} className={problem ? "text-sm text-stop" : "text-sm text-soft"}>
        {problem ?? hint}
      </p>
    </div>
  );
}
