import { migrateDatabase } from './store/database.ts';

const url = process.env['DATABASE_URL'];
if (url === undefined || url === '') throw new Error('DATABASE_URL is not set.');
await migrateDatabase(url);
