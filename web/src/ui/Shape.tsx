import { t } from "./words";
import type { ReactNode } from "react";

/** What a view is mostly made of: rows, a file of fields, the board, a table, pictures, the floor. */
export type ShapeName = "rows" | "file" | "board" | "table" | "pictures" | "floor";

const many = (count: number, make: (at: number) => ReactNode) =>
  Array.from({ length: count }, (_, at) => make(at));

function Bar({ className }: { className: string }) {
  return <span className={`block rounded bg-sunk ${className}`} />;
}

const shapes: Record<ShapeName, () => ReactNode> = {
  rows: () =>
    many(6, (at) => (
      <div
        key={at}
        className="grid grid-cols-[1fr_5rem] gap-4 border-b border-line pb-4 sm:grid-cols-[13rem_1fr_8rem]"
      >
        <Bar className="h-5 w-40" />
        <Bar className={`hidden h-4 sm:block ${at % 2 ? "w-2/3" : "w-4/5"}`} />
        <Bar className="h-9" />
      </div>
    )),
  file: () => (
    <>
      <div className="flex gap-3">
        {many(5, (at) => (
          <Bar key={at} className="h-8 w-20" />
        ))}
      </div>
      <div className="grid gap-5 sm:grid-cols-2">
        {many(6, (at) => (
          <div key={at} className="grid gap-1.5">
            <Bar className="h-3.5 w-28" />
            <Bar className="h-9" />
          </div>
        ))}
      </div>
    </>
  ),
  board: () => (
    <>
      <div className="flex gap-3">
        {many(6, (at) => (
          <Bar key={at} className="h-8 w-24" />
        ))}
      </div>
      <div className="grid grid-cols-[minmax(7rem,15rem)_repeat(4,1fr)] gap-2">
        {many(45, (at) => (
          <Bar key={at} className="h-9" />
        ))}
      </div>
    </>
  ),
  table: () => (
    <div className="grid grid-cols-[minmax(6rem,12rem)_repeat(5,1fr)] gap-2">
      {many(48, (at) => (
        <Bar key={at} className="h-8" />
      ))}
    </div>
  ),
  pictures: () => (
    <>
      <Bar className="h-52" />
      {many(5, (at) => (
        <div key={at} className="grid grid-cols-[1fr_6rem_6rem] gap-4">
          <Bar className="h-5" />
          <Bar className="h-5" />
          <Bar className="h-5" />
        </div>
      ))}
    </>
  ),
  floor: () => (
    <>
      <div className="flex gap-2">
        {many(5, (at) => (
          <Bar key={at} className="h-14 flex-1" />
        ))}
      </div>
      <Bar className="h-8 w-64" />
      <div className="flex gap-2">
        {many(4, (at) => (
          <Bar key={at} className="h-16 w-24" />
        ))}
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <Bar className="h-28" />
        <Bar className="h-28" />
      </div>
      <Bar className="h-20" />
    </>
  ),
};

/** A view's outline until it is there; drawn after a moment, so that what comes at once does not flicker. */
export function Shape({ shape }: { shape: ShapeName }) {
  return (
    <div role="status" data-shape={shape} className="mx-auto grid max-w-6xl gap-5 p-4 skeleton sm:p-6">
      <span className="sr-only">{t("Opening …")}</span>
      <div aria-hidden className="contents">
        <Bar className="h-8 w-60" />
        {shapes[shape]()}
      </div>
    </div>
  );
}
