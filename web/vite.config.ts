import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";
import { compressed } from "./compressed.ts";

// What a session reads beside itself: as it was last answered, so that a reload while the server is away still has it. The
// session itself is kept by the outbox, which knows what has been delivered.
const FLOOR = /\/api\/(settings|today|warning-signs|programs\/.*\/floor\/clocks)$/;

// A picture never changes at its address.
const PICTURE = /\/api\/exercises\/[^/]+\/picture\/[^/]+$/;

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    compressed(),
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
        clientsClaim: true,
        skipWaiting: true,
        navigateFallback: "/index.html",
        navigateFallbackDenylist: [/^\/api\//],
        inlineWorkboxRuntime: true,
        runtimeCaching: [
          {
            urlPattern: PICTURE,
            handler: "CacheFirst",
            options: { cacheName: "pictures", expiration: { maxEntries: 60 } },
          },
          {
            urlPattern: FLOOR,
            handler: "NetworkFirst",
            options: {
              cacheName: "floor",
              networkTimeoutSeconds: 4,
              expiration: { maxEntries: 80, maxAgeSeconds: 14 * 24 * 3600 },
            },
          },
        ],
      },
    }),
  ],
  server: { proxy: { "/api": { target: "http://127.0.0.1:8321", ws: true } } },
  build: { target: "es2022", chunkSizeWarningLimit: 900 },
});
