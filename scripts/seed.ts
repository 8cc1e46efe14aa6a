import { closeDatabase } from '@/data/database';
import { loadDemoShop } from '@/demo/load-demo-shop';

const loaded = await loadDemoShop(new Date());
console.log(loaded ? 'Demo shop loaded.' : 'The database holds data; the demo shop is not loaded again.');
await closeDatabase();
