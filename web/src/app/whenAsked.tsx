import { lazy, type ComponentType } from "react";
import { Button } from "../ui/Button";
import { Message } from "../ui/Message";
import { t } from "../ui/words";

interface Closing {
  onClose: () => void;
}

interface WhenAsked<P extends Closing> {
  /** The dialog as far as it was fetched; one that is open keeps the one it was opened with. */
  box: ComponentType<P>;
  fetch: () => Promise<unknown>;
}

/** A dialog fetched when it is asked for, or before; where it cannot be had that is said, and the next time it is tried again. */
export function whenAsked<P extends Closing>(
  load: () => Promise<{ default: ComponentType<P> }>,
): WhenAsked<P> {
  const fetch = (): Promise<{ default: ComponentType<P> }> =>
    load().then(
      (found) => {
        it.box = found.default;
        return found;
      },
      () => {
        it.box = lazy(fetch);
        return { default: NotThere };
      },
    );
  const it: WhenAsked<P> = { box: lazy(fetch), fetch };
  return it;
}

function NotThere({ onClose }: Closing) {
  return (
    // Not below, where the floor has what is tapped.
    <div className="fixed inset-x-4 top-20 z-50 mx-auto max-w-md">
      <Message tone="caution" className="flex items-center gap-3 shadow-lg">
        <span className="min-w-0 flex-1">
          {t("This is not on this device yet, and the server is away. It opens once the server answers.")}
        </span>
        <Button autoFocus onClick={onClose}>
          {t("Close")}
        </Button>
      </Message>
    </div>
  );
}
