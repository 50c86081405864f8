import { createRoot } from "react-dom/client";
import { ownSheet } from "./data";
import { HomeSheet } from "./HomeSheet";
import { speakLanguage } from "./phrases";
import "./sheet.css";

const dark = matchMedia("(prefers-color-scheme: dark)");
const dress = () => {
  document.documentElement.dataset.theme = dark.matches ? "dark" : "light";
};
dress();
dark.addEventListener("change", dress);

const sheet = ownSheet();
speakLanguage(sheet);
const place = document.getElementById("sheet");
if (place) createRoot(place).render(<HomeSheet sheet={sheet} />);
