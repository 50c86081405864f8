import { useId, type ReactNode } from "react";

const box =
  "w-full rounded-md border border-line-strong/60 bg-raised px-2.5 py-1.5 min-h-9 placeholder:text-soft/70 aria-invalid:border-stop";

/** A labelled field; `children` gets the id and the shared look. */
export function Field({
  label,
  hint,
  problem,
  children,
}: {
  label: string;
  hint?: string | undefined;
  problem?: string | undefined;
  children: (props: {
    id: string;
    className: string;
    "aria-describedby": string;
    "aria-invalid": boolean;
  }) => ReactNode;
}) {
  const id = useId();
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="text-sm font-medium">
        {label}
      </label>
      {children({ id, className: box, "aria-describedby": `${id}-hint`, "aria-invalid": Boolean(problem) })}
      <p id={`${id}-hint`} className={problem ? "text-sm text-stop" : "text-sm text-soft"}>
        {problem ?? hint}
      </p>
    </div>
  );
}
