import { defineConfig } from 'drizzle-kit';

export default defineConfig({ dialect: 'postgresql', schema: './server/schema/tables.ts', out: './server/migrations' });
