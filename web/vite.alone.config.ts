import { resolve } from "node:path";
import { defineConfig } from "vite";

// The script of scenes that are taken out as files: one piece without imports, so that it can stand inside a page.
export default defineConfig({
  build: {
    emptyOutDir: false,
    copyPublicDir: false,
    modulePreload: { polyfill: false },
    lib: { entry: resolve("src/alone/main.ts"), formats: ["iife"], name: "brandeonScene", fileName: () => "alone.js" },
  },
});
