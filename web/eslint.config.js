import js from "@eslint/js";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

const TO_BE_SAID = "aria-label|aria-description|label|title|placeholder|alt|hint|empty|caption";

export default tseslint.config(
  { ignores: ["dist", "src/api/schema.d.ts"] },
  js.configs.recommended,
  tseslint.configs.strict,
  hooks.configs.flat.recommended,
  {
    // What is read or heard comes from the catalogue: t("…").
    files: ["src/**/*.tsx"],
    ignores: ["src/**/*.test.tsx"],
    rules: {
      "no-restricted-syntax": [
        "error",
        { selector: "JSXText[value=/[A-Za-z]{2}/]", message: "Say it through the catalogue: t()." },
        {
          selector: `JSXAttribute[name.name=/^(${TO_BE_SAID})$/] > Literal[value=/[A-Za-z]{2}/]`,
          message: "Say it through the catalogue: t().",
        },
      ],
    },
  },
  {
    // What belongs to a person is kept through access/kept.ts, which seals it; what is left is a device's own taste.
    files: ["src/**/*.ts", "src/**/*.tsx"],
    ignores: [
      "src/**/*.test.*",
      "src/access/**",
      "src/app/storedAnswers.ts",
      "src/sheet/**",
      "src/app/theme.ts",
      "src/app/density.ts",
      "src/app/keys/singleKeys.ts",
      "src/ui/catalogue.ts",
      "src/ui/words.ts",
    ],
    rules: {
      "no-restricted-globals": ["error", "localStorage", "sessionStorage", "indexedDB", "caches"],
      "no-restricted-properties": [
        "error",
        { object: "window", property: "localStorage" },
        { object: "window", property: "sessionStorage" },
      ],
    },
  },
);
