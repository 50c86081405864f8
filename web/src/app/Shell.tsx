import { t } from "../ui/words";
import { CircleQuestionMark, Moon, Sun } from "lucide-react";
import { useEffect, useRef } from "react";
import { NavLink, Outlet, useLocation } from "react-router";
import { PersonMenu } from "../access/PersonMenu";
import { NotTaken } from "./NotTaken";
import { Roving } from "../ui/Roving";
import { useHelp } from "./help/opening";
import { setTheme, useTheme } from "./theme";
import { ViewBoundary } from "./ViewBoundary";

const tab = ({ isActive }: { isActive: boolean }) =>
  `px-1.5 sm:px-3 py-2 border-b-2 whitespace-nowrap ${isActive ? "border-ink font-semibold" : "border-transparent text-soft hover:text-ink"}`;

/** The desk's frame: name, ways in, theme, help. The floor has no frame of its own. */
export function Shell() {
  const theme = useTheme();
  const help = useHelp();
  const tabs = useRef<HTMLDivElement>(null);
  const { pathname } = useLocation();
  // On a phone not all tabs fit: the one that one is on is always seen.
  useEffect(() => {
    tabs.current?.querySelector("[aria-current]")?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [pathname]);
  return (
    <>
      <header className="flex items-center gap-2 border-b border-line bg-raised px-2 sm:gap-4 sm:px-4">
        <NavLink
          to="/"
          tabIndex={-1}
          className="flex items-center gap-2 py-2 font-semibold tracking-tight max-sm:sr-only"
        >
          <img src="/mark.svg" alt="" width={24} height={24} className="max-w-none" />
          {t("Upright Anvil")}
        </NavLink>
        <Roving as="nav" label={t("Main")} className="flex min-w-0 grow items-center">
          <div ref={tabs} className="flex min-w-0 overflow-x-auto">
            <NavLink to="/" end className={tab}>
              {t("Today")}
            </NavLink>
            <NavLink to="/clients" className={tab}>
              {t("Clients")}
            </NavLink>
            <NavLink to="/library" className={tab}>
              {t("Library")}
            </NavLink>
            <NavLink to="/batteries" className={tab}>
              {t("Tests")}
            </NavLink>
            <NavLink to="/settings" className={tab}>
              {t("Settings")}
            </NavLink>
          </div>
          <div className="ml-auto flex gap-1">
            <PersonMenu />
            <button
              type="button"
              aria-label={t("Help")}
              title={t("Help (?)")}
              className="rounded p-2 hover:bg-sunk"
              onClick={help}
            >
              <CircleQuestionMark size={20} aria-hidden />
            </button>
            <button
              type="button"
              aria-label={theme === "dark" ? t("Light theme") : t("Dark theme")}
              className="rounded p-2 hover:bg-sunk"
              onClick={() => setTheme(theme === "dark" ? "light" : "dark")}
            >
              {theme === "dark" ? <Sun size={20} aria-hidden /> : <Moon size={20} aria-hidden />}
            </button>
          </div>
        </Roving>
      </header>
      <NotTaken />
      <main id="main">
        <ViewBoundary at={pathname}>
          <Outlet />
        </ViewBoundary>
      </main>
    </>
  );
}
