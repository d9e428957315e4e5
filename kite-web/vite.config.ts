import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
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
  test: { environment: "jsdom", globals: false },
});
