// A sheet speaks the language it was made in, whatever the device that made it speaks (see phrases.ts).
import type { i18n } from "i18next";

export type { Catalogue } from "../ui/catalogue";
export const KEPT = "";
export const catalogue = null as i18n | null;
