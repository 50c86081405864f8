import { t } from "../ui/words";
import { MAIN_ACTION, mainHeading } from "./focus";

/** The first stop of every page: past the frame to what the view is for. */
export function SkipLink() {
  return (
    <a
      href="#main"
      data-skip
      className="absolute -top-20 left-2 z-50 inline-flex min-h-12 items-center rounded-md border border-line bg-raised px-4 py-2 font-medium focus:top-2"
      onClick={(event) => {
        event.preventDefault();
        const to =
          document.querySelector<HTMLElement>(`[${MAIN_ACTION}]`) ??
          mainHeading() ??
          document.querySelector<HTMLElement>("main button, main a[href]");
        to?.focus();
      }}
    >
      {t("To the view")}
    </a>
  );
}
