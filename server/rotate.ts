import { readEnvironment } from './environment.ts';
import { resealAll } from './store/reseal.ts';
import { openDatabase } from './store/database.ts';

// Seals everything anew with the newest health key (bin/rotate-keys).
const environment = readEnvironment(process.env);
const connection = openDatabase(environment.databaseUrl);
try {
  const sealed = await resealAll(connection.database, environment.healthKeys);
  console.log(`${String(sealed)} records are sealed with the new key; nothing is left that another one sealed.`);
} finally {
  await connection.close();
}
