import { openDatabase } from '@prompt-spark/server/store/database';
import { healthKeyFrom } from '@prompt-spark/server/store/seal';
import { loadDemo } from './loadDemo.ts';

const url = process.env['DATABASE_URL'];
if (url === undefined || url === '') throw new Error('DATABASE_URL is not set.');
const connection = openDatabase(url);
try {
  const loaded = await loadDemo(connection.database, new Date(), healthKeyFrom(process.env['HEALTH_KEY'] ?? ''));
  console.log(loaded ? 'The Saltmere demo is loaded.' : 'The database has studios already; the demo stays as it is.');
} finally {
  await connection.close();
}
