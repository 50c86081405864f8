import { t } from "../../ui/words";
import type { ReactNode } from "react";
import { Link } from "react-router";

/** What an empty studio begins with, in the order of the work. */
export function FirstSteps({ on }: { on: string }) {
  return (
    <div className="mx-auto max-w-2xl px-4 py-10">
      <h1 className="text-2xl font-semibold tracking-tight">{on}</h1>
      <p className="mt-1 text-soft">{t("Your studio is empty. Three steps to the first session:")}</p>
      <ol className="mt-6 border-t border-line">
        <Step number={1} title={t("A client")}>
          {t("A name is enough. Ask the four questions of the health screen before the first program.")}
          <Link
            to="/clients/new"
            className="mt-3 flex min-h-11 w-fit items-center rounded-md bg-ember px-5 font-semibold text-on-ember hover:brightness-110"
          >
            {t("Add your first client")}
          </Link>
          <Link to="/clients/bring-in" className="mt-2 inline-flex min-h-9 items-center underline">
            {t("or bring in your list from a spreadsheet")}
          </Link>
        </Step>
        <Step number={2} title={t("A place")}>
          {t("In the client’s file: start from a usual kit, or write what is there in your own words.")}
        </Step>
        <Step number={3} title={t("A program")}>
          {t(
            "Let it be drafted, take a template, paste it from a spreadsheet, or type: goblet squat 3x10 16.",
          )}
        </Step>
      </ol>
      <p className="mt-4 text-soft">
        {t("Or look round first:")} <code>{t("make demo")}</code> {t("starts a made-up studio beside yours.")}
      </p>
    </div>
  );
}

function Step({ number, title, children }: { number: number; title: string; children: ReactNode }) {
  return (
    <li className="flex gap-4 border-b border-line py-4">
      <span aria-hidden className="text-2xl font-semibold text-soft">
        {number}
      </span>
      <div>
        <h2 className="font-semibold">{title}</h2>
        {children}
      </div>
    </li>
  );
}
