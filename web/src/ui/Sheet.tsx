import { lazy, Suspense, useState, type ReactNode } from "react";

const SheetDialog = lazy(() => import("./SheetDialog"));

/** A dialog over the page; what draws it is fetched with the views that live by it, or when the first is opened. */
export function Sheet(asked: { title: string; open: boolean; onClose: () => void; children: ReactNode }) {
  const [opened, setOpened] = useState(asked.open);
  if (asked.open && !opened) setOpened(true);
  return (
    opened && (
      <Suspense>
        <SheetDialog {...asked} />
      </Suspense>
    )
  );
}
