import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import type { Plugin } from "vite";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";
import "./scripts/groupBy.mjs";

/** What turns a head, named in the page itself: it is on its way while the rest is still being read. */
const EARLY = ["Bust3D", "Bench", "Head3D", "Strands3D"];

const fetchedEarly: Plugin = {
  name: "fetched-early",
  transformIndexHtml: (_, { bundle }) =>
    Object.values(bundle ?? {})
      .filter((c) => c.type === "chunk" && EARLY.includes(c.name))
      .map((c) => ({
        tag: "link",
        attrs: { rel: "modulepreload", crossorigin: true, href: `/${c.fileName}` },
      })),
};

/** The scene's reconciler registers all of three there is; it gets what is used of it. */
const threeUsed: Plugin = {
  name: "three-used",
  enforce: "pre",
  apply: "build",
  resolveId: (source, importer) =>
    source === "three" && importer?.includes("@react-three/fiber")
      ? join(import.meta.dirname, "src/draw/threeUsed.ts")
      : undefined,
};

/** Beside each script and style what is sent of it, so that no server packs it again for every visitor. */
const packed: Plugin = {
  name: "packed",
  apply: "build",
  // The last to see them: other plugins still write in what is bundled.
  writeBundle: {
    order: "post",
    handler({ dir }, bundle) {
      for (const { fileName } of Object.values(bundle)) {
        if (!/\.(js|css)$/.test(fileName)) continue;
        const file = join(dir ?? "dist", fileName);
        writeFileSync(`${file}.gz`, gzipSync(readFileSync(file), { level: 9 }));
      }
    },
  },
};

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    threeUsed,
    fetchedEarly,
    packed,
    // The chair registers it: a reload there works with the network gone.
    VitePWA({
      injectRegister: false,
      manifest: false,
      registerType: "autoUpdate",
      workbox: {
        globPatterns: ["index.html", "kite.svg", "assets/*.{js,css,woff2}"],
        inlineWorkboxRuntime: true,
        navigateFallback: null,
        runtimeCaching: [
          {
            urlPattern: ({ request }) => request.mode === "navigate",
            handler: "NetworkFirst",
            options: {
              cacheName: "kite-pages",
              networkTimeoutSeconds: 4,
              precacheFallback: { fallbackURL: "/index.html" },
            },
          },
          {
            urlPattern: /\/api\/(session|ramp|plans\/\d+)$/,
            handler: "NetworkFirst",
            options: { cacheName: "kite-api", networkTimeoutSeconds: 4 },
          },
        ],
      },
    }),
  ],
  build: { chunkSizeWarningLimit: 900 },
  server: { proxy: { "/api": "http://127.0.0.1:8080" } },
  // How long a test takes is the machine's affair.
  test: {
    environment: "jsdom",
    globals: false,
    testTimeout: 60_000,
    hookTimeout: 60_000,
    setupFiles: ["src/patient.ts"],
  },
});
