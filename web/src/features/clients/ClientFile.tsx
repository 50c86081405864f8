import { lazy, Suspense } from "react";
import { Shape } from "../../ui/Shape";

const ClientFileView = lazy(async () => ({ default: (await import("./ClientFileView")).ClientFileView }));

/** A client's file; its frame stands at once, what it is made of is fetched ahead or when it is first opened. */
export function ClientFile() {
  return (
    <Suspense fallback={<Shape shape="rows" />}>
      <ClientFileView />
    </Suspense>
  );
}
