import { t } from "../../ui/words";
import { Tick } from "../../ui/Tick";
import { setSingleKeys, useSingleKeys } from "./singleKeys";

/** Switches shortcuts of one letter, figure or sign alone on and off. */
export function SingleKeys() {
  return (
    <Tick checked={useSingleKeys()} set={setSingleKeys}>
      {t("Shortcuts of one key alone, such as n or ?")}
    </Tick>
  );
}
