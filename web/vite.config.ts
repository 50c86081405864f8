import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { basename, join } from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";
import { VitePWA } from "vite-plugin-pwa";
import { OF_A_SESSION } from "./src/app/keptOffline";

// What the floor needs is there before it is asked for. The desk's views, which need the server anyway, letters of other
// alphabets and what reads another language are kept once they were shown.
const OF_THE_DESK =
  "Ahead|Backups|Batteries|Board|BringClients|Calendar|ClientFile|Clients|Health|Home|Library|NewClient|Outcome|PastSessions|" +
  "People|Places|Programs|Progress|Records|Report|Review|Settings|Shared|SignIn|Start|Summary|Testing|Tests";
const LATER = [
  ...OF_THE_DESK.split("|").map((name) => `assets/${name}View-*`),
  ...[
    "ClientFrame",
    "GoTo",
    "HelpSheet",
    "MakeExercise",
    "AuditTrail",
    "LookFirst",
    "Scan",
    "d3-scale",
    "dialog",
    "i18next",
    "shared",
  ].map((name) => `assets/${name}-*`),
  "assets/archivo-latin-ext-*",
  "assets/archivo-vietnamese-*",
  "mark-512.png",
];
// What draws a dialog: the floor has none.
const OF_A_DIALOG =
  /\/node_modules\/(@radix-ui|aria-hidden|react-remove-scroll|react-style-singleton|use-sidecar|use-callback-ref|tslib|get-nonce)|\/ui\/SheetDialog/;
const NEVER_CHANGES = /\/assets\/[^/]+$/;

// A picture never changes at its address.
const PICTURE = /\/api\/exercises\/[^/]+\/picture\/[^/]+$/;

// Each script, style and picture of lines in brotli and gzip beside itself, made once: nothing is compressed while somebody waits.
const WORTH_IT = /\.(js|css|svg|json)$/;
const SMALLEST = 1000;

function compressed(): Plugin {
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

// What the page fetches at once: the app, which comes after its language, and views that are opened by their address.
const OPENED_AT: Record<string, string> = {
  start: "",
  BoardView: "^/programs/[^/]+$",
  FloorView: "^/floor/",
};

// Those of most names; others come when one is shown.
const LETTERS = /\/archivo-latin-wght-.*\.woff2$/;

function fetchedAhead(): Plugin {
  return {
    name: "fetched-ahead",
    apply: "build",
    transformIndexHtml: {
      order: "post",
      handler: (page, { bundle = {} }) => {
        const scripts: Record<string, string> = {};
        for (const chunk of Object.values(bundle)) {
          if (chunk.type !== "chunk") continue;
          const at = OPENED_AT[chunk.name];
          if (at === undefined) continue;
          const files = new Set<string>();
          const add = (file: string) => {
            const of = bundle[file];
            if (files.has(file) || of?.type !== "chunk") return;
            files.add(file);
            of.imports.forEach(add);
          };
          add(chunk.fileName);
          scripts[at] = [...files]
            .filter((file) => !page.includes(file))
            .map((file) => basename(file, ".js"))
            .join(" ");
        }
        const letters = Object.keys(bundle).find((file) => LETTERS.test(file));
        return page
          .replace('{ "^$": "" }', JSON.stringify(scripts))
          .replace('letters = ""', `letters = "${letters ? `/${letters}` : ""}"`);
      },
    },
  };
}

// What an entry needs from its start on, however many others share it. The catalogue, and what fetches files, come before
// all of it; of the icons, whose list names each of them, those that a module asks for.
const FIRST = /\/ui\/catalogue\.ts$|preload-helper/;
const ICON = /\/lucide-react\/dist\/esm\/icons\/([^/]+)\.mjs$/;
const ICONS = /import\s*\{([^}]*)\}\s*from\s*"lucide-react"/g;
const OF_AN_ICON = /export\s*\{([^}]*)\}\s*from\s*['"]\.\/icons\/([^'"]+)\.mjs['"]/g;
const needs = { app: new Set<string>(), floor: new Set<string>() };
const needed = (by: keyof typeof needs, id: string) => needs[by].has(ICON.exec(id)?.[1] ?? id);

function neededFromTheStart(): Plugin {
  return {
    name: "needed-from-the-start",
    apply: "build",
    buildEnd() {
      const ids = [...this.getModuleIds()];
      const list = ids.find((id) => id.endsWith("/lucide-react/dist/esm/lucide-react.mjs"));
      const fileOf = new Map<string, string>();
      for (const [, names = "", file = ""] of (list &&
        this.getModuleInfo(list)?.code?.matchAll(OF_AN_ICON)) ||
        [])
        for (const name of names.split(",")) fileOf.set(name.replace(/^\s*default as\s+/, "").trim(), file);
      const add = (to: Set<string>, id: string) => {
        if (to.has(id) || FIRST.test(id) || ICON.test(id)) return;
        to.add(id);
        const module = this.getModuleInfo(id);
        for (const [, names = ""] of module?.code?.matchAll(ICONS) ?? [])
          for (const name of names.split(",")) to.add(fileOf.get(name.trim()) ?? "");
        module?.importedIds.forEach((one) => add(to, one));
      };
      for (const id of ids) {
        if (id.endsWith("/src/app/start.tsx")) add(needs.app, id);
        if (/\/src\/features\/floor\/(Floor|TwoFloors)View\.tsx$/.test(id)) add(needs.floor, id);
      }
    },
  };
}

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    compressed(),
    neededFromTheStart(),
    fetchedAhead(),
    VitePWA({
      registerType: "autoUpdate",
      injectRegister: null,
      includeManifestIcons: false,
      manifest: {
        name: "Upright Anvil",
        short_name: "Anvil",
        description: "Plan, run and raise one-to-one strength training.",
        display: "standalone",
        start_url: "/",
        background_color: "#faf8f4",
        theme_color: "#faf8f4",
        icons: [
          { src: "/mark-192.png", sizes: "192x192", type: "image/png" },
          { src: "/mark-512.png", sizes: "512x512", type: "image/png" },
          { src: "/mark-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
          { src: "/mark.svg", sizes: "any", type: "image/svg+xml" },
        ],
      },
      workbox: {
        globPatterns: ["**/*.{js,css,html,svg,png,woff2}"],
        globIgnores: LATER,
        clientsClaim: true,
        skipWaiting: true,
        navigateFallback: "/index.html",
        navigateFallbackDenylist: [/^\/api\//],
        inlineWorkboxRuntime: true,
        runtimeCaching: [
          {
            urlPattern: NEVER_CHANGES,
            handler: "CacheFirst",
            options: { cacheName: "views", expiration: { maxEntries: 120 } },
          },
          {
            urlPattern: PICTURE,
            handler: "CacheFirst",
            options: { cacheName: "pictures", expiration: { maxEntries: 60 } },
          },
          {
            urlPattern: OF_A_SESSION,
            handler: "NetworkFirst",
            options: {
              cacheName: "floor",
              networkTimeoutSeconds: 4,
              // Where somebody signs in, what is kept is sealed for them by the page itself.
              plugins: [
                {
                  cacheWillUpdate: async ({ response }) =>
                    response.status === 200 && response.headers.get("X-Kept-On-Devices") !== "no"
                      ? response
                      : null,
                },
              ],
              expiration: { maxEntries: 80, maxAgeSeconds: 14 * 24 * 3600 },
            },
          },
        ],
      },
    }),
  ],
  server: { proxy: { "/api": { target: "http://127.0.0.1:8321", ws: true } } },
  build: {
    target: "es2022",
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: "start", test: (id) => needed("app", id) },
            { name: "dialog", test: OF_A_DIALOG },
            // What views share beside it is one file too: a view is three or four requests, not twenty. What the floor has of
            // it is one by itself, for it is kept on the device.
            {
              name: "parts",
              test: (id) => needed("floor", id) && !id.includes("/src/features/floor/"),
              minShareCount: 2,
            },
            { name: "shared", test: /\/src\/(?!features\/floor\/)|\/lucide-react\//, minShareCount: 2 },
          ],
          includeDependenciesRecursively: false,
        },
      },
    },
  },
});
