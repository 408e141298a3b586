import react from "@vitejs/plugin-react";
import laravel from "laravel-vite-plugin";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";

/** The service worker stands at the root of the site, so that it may answer for every room. */
const worker = VitePWA({
  strategies: "injectManifest",
  srcDir: "resources/js/offline",
  filename: "worker.ts",
  outDir: "public",
  injectRegister: false,
  manifest: false,
  injectManifest: {
    globDirectory: "public/build",
    globPatterns: ["assets/*.{js,css,woff2}"],
    modifyURLPrefix: { "": "/build/" },
    additionalManifestEntries: [
      "/rush-hold.webmanifest",
      "/mark.svg",
      "/mark-192.png",
      "/mark-512.png",
      "/away.html",
      "/problem.css",
    ].map((url) => ({
      url,
      revision: "2",
    })),
    maximumFileSizeToCacheInBytes: 4_000_000,
  },
});

// With RUSH_HOLD_PAGES, the address of a server, its pages are tried; without, what needs none.
export default defineConfig(({ mode }) => ({
  // the framework's plugin takes a test run on an integration machine for a development server, and refuses
  plugins: [
    ...(mode === "test" ? [] : [laravel({ input: ["resources/js/main.tsx"], refresh: false }), worker]),
    react(),
  ],
  build: { target: "es2022", assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
  test: {
    include: [`tests/${process.env["RUSH_HOLD_PAGES"] ? "Pages" : "Js"}/**/*.test.{ts,tsx}`],
    testTimeout: process.env["RUSH_HOLD_PAGES"] ? 240_000 : 60_000,
    // what they stand on is read once, not for every file
    pool: "threads",
    isolate: false,
  },
}));
