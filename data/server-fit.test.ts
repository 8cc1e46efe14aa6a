import { refuseServer } from './server-fit';

const ALL = ['MyISAM', 'InnoDB', 'Aria'];

test.each(['10.6.0-MariaDB', '10.11.6-MariaDB-0+deb12u1', '11.4.2-MariaDB', '5.5.5-10.11.6-MariaDB'])(
  '%s will do',
  (version) => expect(refuseServer(version, ALL)).toBeNull(),
);

test.each([
  ['10.5.29-MariaDB', ALL, 'MariaDB 10.5.29-MariaDB, which is too old'],
  ['5.5.5-10.3.1-MariaDB', ALL, 'too old'],
  ['8.0.36', ALL, 'The database server is 8.0.36. Oyakata needs MariaDB 10.6'],
  ['', ALL, 'of no known kind'],
  ['10.11.6-MariaDB', ['MyISAM', 'Aria'], 'has no InnoDB'],
])('%s with %p is refused by name', (version, engines, says) =>
  expect(refuseServer(version, engines)).toContain(says),
);
