// Writes what the application is made of, as CycloneDX, and refuses what may not be in it: a package without a licence
// that allows it to ship, without a version of its own, or that is installed by running a script.
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';

const ALLOWED = new Set([
  'MIT',
  'ISC',
  'BSD-2-Clause',
  'BSD-3-Clause',
  'Apache-2.0',
  'OFL-1.1',
  '0BSD',
  'BlueOak-1.0.0',
]);
const [target = '.cache/sbom.json'] = process.argv.slice(2);

const text = execFileSync('npm', ['sbom', '--sbom-format=cyclonedx', '--omit=dev'], {
  encoding: 'utf8',
  stdio: ['ignore', 'pipe', 'ignore'],
});
writeFileSync(target, text);
const { components } = JSON.parse(text);
const lock = JSON.parse(readFileSync('package-lock.json', 'utf8')).packages;

const ours = (component) => component.properties?.some(({ name }) => name === 'cdx:npm:package:private');
const licencesOf = ({ licenses = [] }) =>
  licenses.flatMap(({ license, expression }) => license?.id ?? expression ?? 'unknown');
const scripted = new Set(
  Object.entries(lock).flatMap(([path, { hasInstallScript, dev }]) =>
    hasInstallScript && !dev ? [path.replace(/^.*node_modules\//, '')] : [],
  ),
);
const wrong = components
  .filter((component) => !ours(component))
  .flatMap((component) => {
    const name = component.group ? `${component.group}/${component.name}` : component.name;
    const licences = licencesOf(component);
    return [
      ...(licences.length > 0 && licences.every((one) => ALLOWED.has(one))
        ? []
        : [`${name}: licence ${licences.join()}`]),
      ...(component.version ? [] : [`${name}: no version`]),
      ...(scripted.has(name) ? [`${name}: runs a script when it is installed`] : []),
    ];
  });
for (const line of wrong) console.error(line);
console.log(`${components.length} packages in the application (${target}), ${wrong.length} that may not be in it`);
process.exit(wrong.length === 0 ? 0 : 1);
