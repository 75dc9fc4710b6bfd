import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { resolve } from "node:path";
import { defineConfig } from "vite";
import { compression } from "vite-plugin-compression2";

const server = process.env.BRANDEON_SERVER ?? "http://127.0.0.1:8420";

// Three pages: the application, the desk (for phones, without what only the application needs), and the outlet that browser sources open. The outlet has no framework in it. Its keeper is
// a service worker and so has a fixed address.
export default defineConfig({
  // The server compresses nothing that it hands out again and again.
  plugins: [react(), tailwindcss(), compression({ include: /^assets\/.*\.(js|css)$/, algorithms: ["gzip"] })],
  build: {
    rolldownOptions: { input: { index: resolve("index.html"), desk: resolve("desk.html"), outlet: resolve("outlet.html"), keeper: resolve("src/outlet/keeper.ts") },
      output: { entryFileNames: (chunk) => (chunk.name === "keeper" ? "keeper.js" : "assets/[name]-[hash].js") },
    },
    chunkSizeWarningLimit: 900,
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
  },
  server: { proxy: { "/api": server, "/o": server, "/cues": server, "/pictures": server, "/fonts": server, "/fonts.css": server, "/keeper.js": server, "/live": { target: server, ws: true } } },
});
