import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))

export default defineConfig({
  resolve: { alias: { '@': at('./src') } },
  test: { include: ['src/**/*.test.ts'], testTimeout: 20_000 },
})
