// Writes the API's types from its schema; a string whose format names an identifier gets that identifier's type.
// Beside them the members of every enumeration, in the order the server has them.
import { readFileSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import openapiTS, { astToString } from "openapi-typescript";
import ts from "typescript";

const [schema, types] = process.argv.slice(2);
const document = JSON.parse(readFileSync(schema, "utf-8"));
const used = new Set();
const ast = await openapiTS(document, {
  transform(part) {
    if (part.type !== "string" || !/^[A-Z]\w+Id$/.test(part.format ?? "")) return undefined;
    used.add(part.format);
    return ts.factory.createTypeReferenceNode(part.format);
  },
});
const names = [...used].sort().join(", ");
writeFileSync(types, `import type { ${names} } from "./ids";\n\n${astToString(ast)}`);

const members = Object.entries(document.components.schemas)
  .filter(([, part]) => part.enum && part.type === "string")
  .map(
    ([name, part]) =>
      `export const ${name}: readonly Schemas["${name}"][] = [${part.enum.map((one) => JSON.stringify(one)).join(", ")}];\n`,
  );
writeFileSync(
  join(dirname(types), "enums.ts"),
  `import type { Schemas } from "./client";\n\n${members.join("\n")}`,
);
