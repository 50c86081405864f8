import { Link } from "react-router";
import { useAccess, useMay } from "../../access/access";
import { t } from "../../ui/words";
import { Devices } from "./Devices";
import { FirstOwner } from "./FirstOwner";
import { MySignIn } from "./MySignIn";
import { PeopleList } from "./PeopleList";

/** Who is in the studio, how they sign in, and on which devices. */
export function PeopleView() {
  const { state } = useAccess();
  const owner = useMay("run");
  return (
    <div className="mx-auto max-w-3xl px-4 py-6">
      <h1 className="text-2xl font-semibold tracking-tight">{t("People and signing in")}</h1>
      {state && !state.demanded && <FirstOwner />}
      {state?.demanded && (
        <>
          <PeopleList owner={owner} />
          {state.me && <MySignIn state={state} me={state.me} />}
          <Devices owner={owner} state={state} />
          {owner && (
            <p className="mt-6 border-t border-line pt-4">
              <Link to="/settings/records" className="inline-flex min-h-9 items-center underline">
                {t("Who did what in the studio, and how long files are kept")}
              </Link>
            </p>
          )}
        </>
      )}
    </div>
  );
}
