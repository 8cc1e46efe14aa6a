import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { CORE, UI, UI_PARTS } from './floors.mjs';

/**
 * The list of floors and rooms in README.md, made from the folders and from what each `index.ts` says:
 * `node scripts/house/readme.mjs` writes it, with `--check` it only says whether it is true.
 */
const ROOT = join(import.meta.dirname, '../..');
const START = '<!-- made by scripts/house/readme.mjs: start -->';
const END = '<!-- end -->';

const foldersIn = (place) =>
  readdirSync(join(ROOT, place), { withFileTypes: true })
    .filter((each) => each.isDirectory())
    .map(({ name }) => name);

/** What the first comment of a floor's `index.ts` says, as one line. */
function saysOf(place) {
  const text = readFileSync(join(ROOT, place, 'index.ts'), 'utf8');
  const says = /^\/\*\*\n([\s\S]*?)\n \*\//.exec(text)?.[1];
  if (says === undefined) throw new Error(`${place}/index.ts says nothing.`);
  return says.replace(/^ \* ?/gm, '').replaceAll('\n', ' ');
}

/** The rooms in their order; an error where a folder has no place in it, or a place no folder. */
function inOrder(place, order) {
  const found = foldersIn(place);
  const odd = [
    ...found.filter((name) => !order.includes(name)),
    ...order.filter((name) => !found.includes(name)),
  ];
  if (odd.length > 0)
    throw new Error(`${place}: ${odd.join(', ')} has no place in scripts/house/floors.mjs.`);
  return order;
}

const names = (rooms) => rooms.map((room) => `\`${room}\``).join(' ');
const floors = inOrder('core', Object.keys(CORE)).map((floor) => {
  // Floors with rooms have no files beside them.
  const rooms = CORE[floor].length === 0 ? [] : inOrder(`core/${floor}`, CORE[floor]);
  return [`core/${floor}`, names(rooms), saysOf(`core/${floor}`)];
});
const levels = inOrder('ui', [...UI, 'test'])
  .filter((level) => level !== 'test')
  .map((level) => {
    const rooms =
      level === 'parts'
        ? inOrder('ui/parts', UI_PARTS)
        : level === 'views'
          ? foldersIn('ui/views').sort()
          : [];
    return [`ui/${level}`, names(rooms), saysOf(`ui/${level}`)];
  });

/** A table of Markdown with its columns as wide as they need, as the formatter writes it. */
function table(head, rows) {
  const all = [head, ...rows];
  const widths = head.map((_, column) => Math.max(...all.map((row) => row[column].length)));
  const line = (row) => `| ${row.map((cell, column) => cell.padEnd(widths[column])).join(' | ')} |`;
  return [line(head), `| ${widths.map((width) => '-'.repeat(width)).join(' | ')} |`, ...rows.map(line)].join(
    '\n',
  );
}

const code = (rows) => rows.map(([place, ...rest]) => [`\`${place}/\``, ...rest]);
const made = [
  'From the ground up; each floor takes only from those above it in this list.',
  table(['floor', 'rooms', 'what lives there'], code(floors)),
  'The interface in the same way:',
  table(['level', 'folders', 'what lives there'], code(levels)),
].join('\n\n');

const file = join(ROOT, 'README.md');
const before = readFileSync(file, 'utf8');
const [head, rest] = before.split(START);
const tail = rest?.split(END)[1];
if (tail === undefined) throw new Error('README.md has no place for the list of floors.');
const after = `${head}${START}\n\n${made}\n\n${END}${tail}`;
if (process.argv[2] !== '--check') writeFileSync(file, after);
else if (after !== before) {
  console.error('README.md: the list of floors is not true. Write it anew: node scripts/house/readme.mjs');
  process.exitCode = 1;
}
