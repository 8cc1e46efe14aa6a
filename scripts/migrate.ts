import { closeDatabase } from '@/data/database';
import { migrate } from '@/data/migrate';

const done = await migrate();
console.log(
  done.length === 0 ? 'The tables are up to date.' : `Tables brought up to date: ${done.join(', ')}.`,
);
await closeDatabase();
