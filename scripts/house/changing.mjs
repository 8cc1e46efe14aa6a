import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Checks docs/changing.md: every path that it names is there; and what has a file of its own is asked for by name nowhere
 * else in the product. Run by the lint.
 */
const ROOT = join(import.meta.dirname, '../..');
const problems = [];

const page = readFileSync(join(ROOT, 'docs/changing.md'), 'utf8');
for (const [, path] of page.matchAll(/`((?:app|core|docs|e2e|scripts|ui)\/[^`\s]*)`/g))
  if (!existsSync(join(ROOT, path))) problems.push(`docs/changing.md names ${path}, which is not there.`);

/** Folders in which each file is one thing, called by the file's name. */
const FAMILIES = [
  'core/machine/technique/drives',
  'core/machine/technique/holdings',
  'core/exercise/record/entry/events',
];
/** Where names stand for good: documents of earlier releases, frozen rules, ways to begin with. */
const MAY_NAME = /\/older\/|\/rules-\d+\/|\/lift-|\/starters\.ts$|\.test\.tsx?$|^core\/test\//;
/** The same text with another meaning. */
const OTHER_WORDS = {
  // What ends a cut, and how the thread is found again, in a sheet; a field of the lathe; a column.
  trip: [
    'core/exercise/sheet/',
    'core/machine/lathe/form/',
    'core/machine/technique/speed-limit.ts',
    'ui/views/',
  ],
  // Where a question about safety belongs.
  reversing: ['core/learning/worksheet/'],
  // A beam's support.
  'between-centres': ['core/cutting/force/bending.ts'],
  // What lies in the shop's book under work-holding.
  chuck: ['core/machine/shop/'],
  collet: ['core/machine/shop/'],
  'four-jaw': ['core/machine/shop/'],
  faceplate: ['core/machine/shop/'],
  parallels: ['core/machine/shop/'],
  // A question about a reading.
  'zero-forgotten': ['core/exercise/record/'],
};

const files = execFileSync(
  'git',
  ['ls-files', '-co', '--exclude-standard', 'core', 'ui', 'app', 'data', 'workers'],
  {
    cwd: ROOT,
    encoding: 'utf8',
  },
)
  .split('\n')
  .filter((file) => /\.tsx?$/.test(file) && !MAY_NAME.test(file) && existsSync(join(ROOT, file)));
const texts = new Map(files.map((file) => [file, readFileSync(join(ROOT, file), 'utf8')]));
for (const family of FAMILIES) {
  const names = readdirSync(join(ROOT, family))
    .map((file) => file.replace(/\.ts$/, ''))
    .filter((name) => name !== 'index' && !name.endsWith('-data'));
  for (const name of names)
    for (const [file, text] of texts) {
      if (file.startsWith(`${family}/`) || !text.includes(`'${name}'`)) continue;
      if ((OTHER_WORDS[name] ?? []).some((place) => file.startsWith(place))) continue;
      problems.push(
        `${file} asks for '${name}' by its name; what it wants to know belongs in ${family}/${name}.ts.`,
      );
    }
}

for (const problem of problems) console.error(problem);
if (problems.length > 0) process.exitCode = 1;
