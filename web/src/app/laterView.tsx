// Views whose code is a file of its own: its outline stands until the file is there.
import { useEffect, useState, type ComponentType } from "react";
import { useLocation } from "react-router";
import { Shape } from "../ui/Shape";
import { shapeOf } from "./shapes";

export interface LaterView {
  (): React.ReactNode;
  /** Fetches its code, so that it stands at once when it is opened. */
  fetch: () => Promise<void>;
}

/** A view fetched when it is first opened, or before. Not by Suspense, which holds back what came within 300 ms. */
export function laterView(load: () => Promise<ComponentType>): LaterView {
  let fetched: ComponentType | null = null;
  let fetching: Promise<ComponentType> | null = null;
  const get = async () => (fetched = await (fetching ??= load()));
  function Later() {
    const [View, setView] = useState(() => fetched);
    useEffect(() => {
      if (View) return undefined;
      let here = true;
      get().then(
        (found) => here && setView(() => found),
        (reason: unknown) => {
          fetching = null;
          if (here)
            setView(() => {
              throw reason;
            });
        },
      );
      return () => {
        here = false;
      };
    }, [View]);
    return View ? <View /> : <Arriving />;
  }
  return Object.assign(Later, { fetch: () => get().then(() => undefined) });
}

/** A tap on a view whose code is still on its way is seen at once. */
function Arriving() {
  const { pathname } = useLocation();
  return (
    <>
      <div className="fixed inset-x-0 top-0 z-50">
        <div className="h-1 w-full origin-left bg-ember motion-safe:animate-[reach_3s_ease-out_forwards]" />
      </div>
      <Shape shape={shapeOf(pathname)} />
    </>
  );
}
