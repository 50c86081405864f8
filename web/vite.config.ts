import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { basename, join } from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";
import { VitePWA } from "vite-plugin-pwa";
import { OF_A_SESSION } from "./src/app/keptOffline";

// What the floor needs is there before it is asked for; the desk's views, which need the server anyway, and letters of other
// alphabets are kept once they were shown.
const OF_THE_DESK =
  "Ahead|Backups|Batteries|Board|BringClients|Calendar|ClientFile|Clients|Health|Home|Library|NewClient|Outcome|PastSessions|" +
  "People|Places|Programs|Progress|Records|Report|Settings|SignIn|Start|Testing|Tests";
const LATER = [
  ...OF_THE_DESK.split("|").map((name) => `assets/${name}View-*`),
  ...["ClientFrame", "GoTo", "MakeExercise", "AuditTrail", "LookFirst", "Scan", "d3-scale"].map(
    (name) => `assets/${name}-*`,
  ),
  "assets/archivo-latin-ext-*",
  "assets/archivo-vietnamese-*",
  "mark-512.png",
];
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
        return page.replace('{ "^$": "" }', JSON.stringify(scripts));
      },
    },
  };
}

// The app's own scripts are one file: all that is there before a view is, however many views share it. Only the catalogue,
// and what fetches files, come before it.
const FIRST = /\/ui\/catalogue\.ts$|preload-helper/;
const ofTheApp = new Set<string>();

function oneFile(): Plugin {
  return {
    name: "one-file",
    apply: "build",
    buildEnd() {
      const add = (id: string) => {
        if (ofTheApp.has(id) || FIRST.test(id)) return;
        ofTheApp.add(id);
        this.getModuleInfo(id)?.importedIds.forEach(add);
      };
      for (const id of this.getModuleIds()) if (id.endsWith("/src/app/start.tsx")) add(id);
    },
  };
}

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    compressed(),
    oneFile(),
    fetchedAhead(),
    VitePWA({
      registerType: "autoUpdate",
      injectRegister: null,
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
            { name: "start", test: (id) => ofTheApp.has(id) },
            // What views share beside it is one file too: a view is three or four requests, not twenty.
            { name: "shared", test: /\/src\/(?!features\/floor\/)/, minShareCount: 2 },
          ],
          includeDependenciesRecursively: false,
        },
      },
    },
  },
});
