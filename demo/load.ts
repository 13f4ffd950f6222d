import { openDatabase } from '@prompt-spark/server/store/database';
import { readEnvironment } from '@prompt-spark/server/environment';
import { loadDemo } from './loadDemo.ts';

const { databaseUrl, healthKeys } = readEnvironment(process.env);
const connection = openDatabase(databaseUrl);
try {
  const loaded = await loadDemo(connection.database, new Date(), healthKeys);
  console.log(loaded ? 'The Saltmere demo is loaded.' : 'The database has studios already; the demo stays as it is.');
} finally {
  await connection.close();
}
