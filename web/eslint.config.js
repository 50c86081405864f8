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
);
