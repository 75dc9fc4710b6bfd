import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { resolve } from "node:path";
import { defineConfig } from "vite";

const server = process.env.BRANDEON_SERVER ?? "http://127.0.0.1:8420";

// Two pages: the application, and the outlet that browser sources open. The outlet has no framework in it.
export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: {
    rolldownOptions: { input: { index: resolve("index.html"), outlet: resolve("outlet.html") } },
    chunkSizeWarningLimit: 900,
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
  },
  server: { proxy: { "/api": server, "/o": server, "/pictures": server, "/fonts": server, "/fonts.css": server, "/live": { target: server, ws: true } } },
});
