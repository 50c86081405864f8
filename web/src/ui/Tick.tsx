import type { ReactNode } from "react";

/** A box to tick with its words beside it. */
export function Tick({
  checked,
  set,
  children,
  className = "",
  title,
}: {
  checked: boolean;
  set: (checked: boolean) => void;
  children: ReactNode;
  className?: string;
  title?: string;
}) {
  return (
    <label title={title} className={`flex min-h-8 items-center gap-2.5 ${className}`}>
      <input
        type="checkbox"
        className="size-5 shrink-0"
        checked={checked}
        onChange={(event) => set(event.target.checked)}
      />
      {children}
    </label>
  );
}
