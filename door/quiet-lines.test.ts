import { QuietLines } from './quiet-lines';

test('so many a minute of one kind and of all are written, the rest is counted', () => {
  let now = 0;
  const lines: object[] = [];
  const quiet = new QuietLines(
    (line) => lines.push(line),
    () => now,
  );
  for (let times = 0; times < 1000; times += 1) quiet.note('10.0.0.1 401', { from: '10.0.0.1' });
  expect(lines).toHaveLength(10);
  for (let address = 0; address < 1000; address += 1) quiet.note(`10.0.1.${address} 401`, { address });
  expect(lines).toHaveLength(60);
  now = 60_000;
  quiet.note('10.0.0.1 401', { from: '10.0.0.1' });
  expect(lines.slice(60)).toEqual([{ what: 'more refusals', count: 1940 }, { from: '10.0.0.1' }]);
});
