// What each address will look like, for its outline while its code or its data is on the way.
import type { ShapeName } from "../ui/Shape";

const SHAPES: readonly (readonly [RegExp, ShapeName])[] = [
  [/^\/(floor|testing)\//, "floor"],
  [/^\/programs\/[^/]+\/(ahead|calendar|outcome)/, "table"],
  [/^\/programs\//, "board"],
  [/^\/clients\/[^/]+\/progress/, "pictures"],
  [/^\/clients\/./, "file"],
  [/^\/(library|settings|batteries)/, "file"],
];

/** The shape of the view at an address. */
export function shapeOf(pathname: string): ShapeName {
  return SHAPES.find(([path]) => path.test(pathname))?.[1] ?? "rows";
}
