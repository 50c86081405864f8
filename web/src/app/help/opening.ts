import { createContext, useContext } from "react";

/** What opens the help, handed down to every view. */
export const HelpOpening = createContext<() => void>(() => undefined);

/** What opens the help of the view one is in. */
export const useHelp = () => useContext(HelpOpening);
