import { defineConfig } from 'drizzle-kit';

export default defineConfig({ dialect: 'postgresql', schema: './src/data/tables/*.ts', out: './src/data/migrations' });
