import react from "@vitejs/plugin-react";
import laravel from "laravel-vite-plugin";
import { defineConfig } from "vitest/config";

export default defineConfig(({ mode }) => ({
  // the framework's plugin takes a test run on an integration machine for a development server, and refuses
  plugins: [...(mode === "test" ? [] : [laravel({ input: ["resources/js/main.tsx"], refresh: false })]), react()],
  build: { target: "es2022", assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
  test: { include: ["tests/Js/**/*.test.ts"] },
}));
