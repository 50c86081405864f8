// Writes each script, style and picture of lines beside itself in brotli and gzip, once, when the app is built.
import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";
import type { Plugin } from "vite";

const WORTH_IT = /\.(js|css|svg|json)$/;
const SMALLEST = 1000;

export function compressed(): Plugin {
  let folder = "";
  return {
    name: "compressed",
    apply: "build",
    configResolved: (config) => {
      folder = join(config.root, config.build.outDir, config.build.assetsDir);
    },
    closeBundle: {
      order: "post",
      sequential: true,
      handler: () => {
        for (const name of readdirSync(folder)) {
          const file = join(folder, name);
          if (!WORTH_IT.test(name) || statSync(file).size < SMALLEST) continue;
          const content = readFileSync(file);
          const quality = { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY };
          writeFileSync(`${file}.br`, brotliCompressSync(content, { params: quality }));
          writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }));
        }
      },
    },
  };
}
