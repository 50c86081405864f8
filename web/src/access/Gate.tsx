// Nothing of the studio is drawn before it is known who looks.
import { lazy, Suspense, type ReactNode } from "react";
import { Button } from "../ui/Button";
import { t } from "../ui/words";
import { again, askAgain, useAccess } from "./access";
import { useAutoLock } from "./useAutoLock";

const SignInView = lazy(async () => ({
  default: (await import("../features/people/SignInView")).SignInView,
}));

export function Gate({ children }: { children: ReactNode }) {
  const { phase, state, ending } = useAccess();
  useAutoLock(phase === "in" && state?.demanded ? state.rules.lock_minutes : null);
  if (phase === "in")
    return (
      <>
        {ending && (
          <div className="flex flex-wrap items-center gap-3 bg-caution-wash px-4 py-2 text-caution">
            <p role="status">
              {t("Your signing in has ended. The clock runs on and taps are kept; sign in once it is done.")}
            </p>
            <Button onClick={() => void again()}>{t("Sign in now")}</Button>
          </div>
        )}
        {state?.me?.role === "reader" && (
          <p role="status" className="border-b border-line bg-sunk px-4 py-1.5 text-sm">
            {t("You are here to look: what you change is not kept.")}
          </p>
        )}
        {children}
      </>
    );
  if (phase === "out" && state)
    return (
      <Suspense fallback={null}>
        <SignInView state={state} />
      </Suspense>
    );
  if (phase === "away")
    return (
      <main className="mx-auto grid max-w-md gap-3 px-4 py-16">
        <h1 className="text-2xl font-semibold tracking-tight">{t("The server cannot be reached")}</h1>
        <p>{t("What you tapped on this device is kept. Try again in a moment.")}</p>
        <p>
          <Button tone="act" onClick={() => void askAgain()}>
            {t("Try again")}
          </Button>
        </p>
      </main>
    );
  return null;
}
