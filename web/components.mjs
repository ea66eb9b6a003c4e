// Writes what the page is made of (CycloneDX) beside it: all packages but those that only build and test it.
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';

const bill = JSON.parse(execFileSync('npm', ['sbom', '--package-lock-only', '--sbom-format=cyclonedx'], { maxBuffer: 1e8, stdio: ['ignore', 'pipe', 'ignore'] }));
const only = (component) => component.properties?.some(({ name, value }) => name === 'cdx:npm:package:development' && value === 'true');
const left = new Set(bill.components.filter(only).map((component) => component['bom-ref']));
bill.components = bill.components.filter((component) => !left.has(component['bom-ref']));
bill.dependencies = bill.dependencies
  .filter(({ ref }) => !left.has(ref))
  .map(({ ref, dependsOn = [] }) => ({ ref, dependsOn: dependsOn.filter((on) => !left.has(on)) }));
writeFileSync(new URL('dist/components.cdx.json', import.meta.url), JSON.stringify(bill));
