import { defineConfig } from 'drizzle-kit';

export default defineConfig({
  dialect: 'sqlite',
  schema: ['./src/store/schema.ts', './src/store/peopleSchema.ts'],
  out: './drizzle',
});
