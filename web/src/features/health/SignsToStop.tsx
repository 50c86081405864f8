import { t } from "../../ui/words";
import { Part } from "../../ui/Waiting";
import { query } from "../../api/query";
import { useQuery } from "@tanstack/react-query";
import { Button } from "../../ui/Button";

/** Has the signs at hand before they are asked for: they are shown when the server is away too. */
export const useSignsAtHand = () => useQuery(query.warningSigns());

/** The signs that end a session, calmly, and what is done then. */
export function SignsToStop({
  onEnd,
}: {
  /** Ends the session, where one is under way. */ onEnd?: () => void;
}) {
  const signs = useSignsAtHand();
  return (
    <>
      <Part of={signs}>
        {(told) => (
          <>
            <ul className="list-disc pl-5 text-lg leading-snug">
              {told.signs.map((sign) => (
                <li key={sign} className="py-1">
                  {sign}
                </li>
              ))}
            </ul>
            <p className="mt-3 rounded-md border border-stop/40 bg-stop-wash px-3 py-2 text-lg text-stop">
              {told.what_to_do}
            </p>
          </>
        )}
      </Part>
      {onEnd && (
        <Button big tone="stop" className="mt-3 w-full" onClick={onEnd}>
          {t("End the session now")}
        </Button>
      )}
    </>
  );
}
