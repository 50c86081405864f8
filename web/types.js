// Writes the API's types from its schema; a string whose format names an identifier gets that identifier's type.
import { readFileSync, writeFileSync } from "node:fs";
import openapiTS, { astToString } from "openapi-typescript";
import ts from "typescript";

const [schema, types] = process.argv.slice(2);
const used = new Set();
const ast = await openapiTS(JSON.parse(readFileSync(schema, "utf-8")), {
  transform(part) {
    if (part.type !== "string" || !/^[A-Z]\w+Id$/.test(part.format ?? "")) return undefined;
    used.add(part.format);
    return ts.factory.createTypeReferenceNode(part.format);
  },
});
const names = [...used].sort().join(", ");
writeFileSync(types, `import type { ${names} } from "./ids";\n\n${astToString(ast)}`);
