import { lazy, useEffect, type ComponentType } from "react";

interface Closing {
  onClose: () => void;
}

interface WhenAsked<P extends Closing> {
  /** The dialog as far as it was fetched; one that is open keeps the one it was opened with. */
  box: ComponentType<P>;
  fetch: () => Promise<unknown>;
}

/** A dialog fetched when it is asked for, or before; where it cannot be had none opens, and the next time it is tried again. */
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
  useEffect(onClose);
  return null;
}
