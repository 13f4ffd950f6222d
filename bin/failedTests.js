// Prints a line for each test of a report of Vitest that failed, with the first line of why; with "again" in place of those
// the ones that passed at their second try.
import { readFileSync } from 'node:fs';

const [path, which] = process.argv.slice(2);
const status = which === 'again' ? 'passed' : 'failed';
const report = JSON.parse(readFileSync(path, 'utf8'));
for (const file of report.testResults) {
  const name = file.name.replace(`${process.cwd()}/`, '');
  const told = file.assertionResults.filter((test) => test.status === status && test.failureMessages.length > 0);
  for (const test of told)
    process.stdout.write(`\n${name}: ${test.fullName}: ${test.failureMessages.join(' ').slice(0, 1000)}`);
  if (status === 'failed' && file.status === 'failed' && told.length === 0)
    process.stdout.write(`\n${name}: ${file.message.slice(0, 1000)}`);
}
