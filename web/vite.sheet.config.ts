import { fileURLToPath } from "node:url";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

// The home sheet: one script and one style, which the server puts into a single file together with the client's day.
export default defineConfig({
  plugins: [react(), tailwindcss()],
  publicDir: false,
  // The same code with a smaller library beneath it: the file goes through messages and lies on phones.
  resolve: {
    alias: [
      { find: "react-dom/client", replacement: "preact/compat/client" },
      { find: "react-dom", replacement: "preact/compat" },
      { find: "react/jsx-runtime", replacement: "preact/jsx-runtime" },
      { find: "react", replacement: "preact/compat" },
      {
        find: /^\.\/catalogue$/,
        replacement: fileURLToPath(new URL("src/sheet/noCatalogue.ts", import.meta.url)),
      },
    ],
  },
  define: { "process.env.NODE_ENV": JSON.stringify("production") },
  build: {
    target: "es2020",
    outDir: "dist/sheet",
    emptyOutDir: true,
    cssCodeSplit: false,
    lib: {
      entry: "src/sheet/main.tsx",
      formats: ["iife"],
      name: "sheet",
      fileName: () => "sheet.js",
      cssFileName: "sheet",
    },
  },
});
