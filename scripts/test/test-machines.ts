import { Machine } from './machine';

/** For tests: makes installations with the small demo shop, which are stopped and removed when the test has ended. */
export function testMachines(): (state?: string) => Promise<Machine> {
  const machines: Machine[] = [];
  afterEach(async () => {
    await Promise.all(machines.splice(0).map((each) => each.remove()));
  });
  return async (state) => {
    const made = await Machine.make(process.cwd(), state);
    made.settings.OYAKATA_DEMO = 'small';
    machines.push(made);
    return made;
  };
}
