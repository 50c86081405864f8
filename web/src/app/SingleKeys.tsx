import { Tick } from "../ui/Tick";
import { setSingleKeys, useSingleKeys } from "./singleKeys";

/** Switches shortcuts of one letter, figure or sign alone on and off. */
export function SingleKeys() {
  return (
    <Tick checked={useSingleKeys()} set={setSingleKeys}>
      Shortcuts of one key alone, such as n or ?
    </Tick>
  );
}
