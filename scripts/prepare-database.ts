import { closeDatabase } from '@/data/database';
import { migrate } from '@/data/migrate';
import { loadDemoShop } from '@/demo/load-demo-shop';

/** Run by the start command: tables up to date, demo shop into an empty database. */
try {
  const done = await migrate();
  console.log(
    done.length === 0 ? 'The tables are up to date' : `Tables brought up to date: ${done.join(', ')}`,
  );
  if (await loadDemoShop(new Date())) console.log('Demo shop loaded');
} catch (error) {
  console.log(`The database refused: ${error instanceof Error ? error.message : String(error)}`);
  process.exitCode = 1;
}
await closeDatabase();
