import { existsSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';

/** Prints the slowest tests of a run: node slowest.mjs FOLDER COUNT, from what Jest and Playwright wrote into the folder. */
const [folder = '.', count = '20'] = process.argv.slice(2);
const read = (name) => {
  const file = join(folder, `${name}.json`);
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
};

const jest = ['units', 'data', 'machine'].flatMap((part) =>
  (read(part)?.testResults ?? []).flatMap(({ name, assertionResults }) =>
    assertionResults.map(({ fullName, duration }) => ({
      ms: duration ?? 0,
      test: `${relative(process.cwd(), name)}: ${fullName}`,
    })),
  ),
);
const playwright = (suite) => [
  ...(suite.specs ?? []).map(({ file, title, tests }) => ({
    ms: tests.flatMap(({ results }) => results).reduce((sum, { duration }) => sum + duration, 0),
    test: `e2e/${file}: ${title}`,
  })),
  ...(suite.suites ?? []).flatMap(playwright),
];
const all = [...jest, ...(read('end-to-end')?.suites ?? []).flatMap(playwright)];
if (all.length > 0) console.log('The slowest:');
for (const { ms, test } of all.sort((a, b) => b.ms - a.ms).slice(0, Number(count)))
  console.log(`  ${(ms / 1000).toFixed(1).padStart(6)} s  ${test.slice(0, 150)}`);
