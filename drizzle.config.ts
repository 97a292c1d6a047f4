import { defineConfig } from 'drizzle-kit'

export default defineConfig({
  dialect: 'sqlite',
  schema: ['./src/data/schema.ts', './src/data/schema-stores.ts'],
  out: './drizzle',
  casing: 'snake_case',
})
