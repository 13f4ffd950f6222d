// Prints a line for each test that failed in a report of Vitest, with the first line of why.
import { readFileSync } from 'node:fs';

const report = JSON.parse(readFileSync(process.argv[2], 'utf8'));
for (const file of report.testResults) {
  const name = file.name.replace(`${process.cwd()}/`, '');
  const failed = file.assertionResults.filter(({ status }) => status === 'failed');
  for (const test of failed)
    process.stdout.write(`\n${name}: ${test.fullName}: ${test.failureMessages.join(' ').slice(0, 1000)}`);
  if (file.status === 'failed' && failed.length === 0)
    process.stdout.write(`\n${name}: ${file.message.slice(0, 1000)}`);
}
