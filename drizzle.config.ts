import { defineConfig } from 'drizzle-kit'

export default defineConfig({
  dialect: 'sqlite',
  schema: ['./src/data/change-count.ts', './src/data/records/!(*.test).ts'],
  out: './drizzle',
  casing: 'snake_case',
})
