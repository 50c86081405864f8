import type { ReactNode } from "react";

/**
 * The frame of every picture: what it says in words for those who do not see it, or hidden where the words stand
 * beside it. With a `box` it is drawn in its own units and grows with its place; else in pixels, or the place's width.
 */
export function Picture({
  says,
  width,
  height,
  box,
  className,
  children,
}: {
  /** null where the same stands beside it in words. */
  says: string | null;
  width?: number | "100%";
  height?: number;
  box?: readonly [width: number, height: number];
  className?: string;
  children: ReactNode;
}) {
  return (
    <svg
      {...(says === null ? { "aria-hidden": true } : { role: "img", "aria-label": says })}
      width={width}
      height={height}
      viewBox={box && `0 0 ${box[0]} ${box[1]}`}
      className={className ?? (box && width === undefined ? "w-full" : undefined)}
    >
      {children}
    </svg>
  );
}
