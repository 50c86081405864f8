import { useInfiniteQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { clock, fullDate } from "../../ui/format";
import { t } from "../../ui/words";

/** What was done, day by day, newest first. */
export function AuditTrail({
  name,
  ask,
}: {
  name: readonly unknown[];
  ask: (before: number | null) => Promise<Schemas["AuditView"]>;
}) {
  const found = useInfiniteQuery({
    queryKey: name,
    queryFn: ({ pageParam }) => ask(pageParam),
    initialPageParam: null as number | null,
    getNextPageParam: (page) => page.before ?? undefined,
  });
  const deeds = found.data?.pages.flatMap((page) => page.deeds) ?? [];
  if (found.isPending) return <p className="text-soft">{t("Reading …")}</p>;
  if (deeds.length === 0) return <p className="mt-1 text-soft">{t("Nothing yet.")}</p>;
  return (
    <>
      <table className="mt-2 w-full text-left">
        <caption className="sr-only">{t("Who did what, newest first")}</caption>
        <thead className="sr-only">
          <tr>
            <th scope="col">{t("When")}</th>
            <th scope="col">{t("Who")}</th>
            <th scope="col">{t("What")}</th>
          </tr>
        </thead>
        <tbody>
          {deeds.map((deed, at) => (
            <tr key={`${deed.at}${at}`} className="border-t border-line align-baseline">
              <td className="py-1 pr-3 text-sm whitespace-nowrap text-soft tabular-nums">
                {fullDate(deed.at)} {clock(deed.at)}
              </td>
              <th scope="row" className="py-1 pr-3 font-medium whitespace-nowrap">
                {deed.person || t("Before people signed in")}
              </th>
              <td className="w-full py-1">
                {deed.words}
                {deed.device && (
                  <span className="text-soft"> {t("on {{device}}", { device: deed.device })}</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {found.hasNextPage && (
        <p className="mt-2">
          <Button onClick={() => void found.fetchNextPage()}>{t("Earlier")}</Button>
        </p>
      )}
    </>
  );
}
