import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))

export default defineConfig({
  resolve: { alias: { '@': at('./src') } },
  // Files share a worker's modules: loading them anew for each took longer than the tests.
  test: { include: ['src/**/*.test.ts'], testTimeout: 20_000, isolate: false },
})
