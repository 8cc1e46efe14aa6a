/** Where the tests of one worker work: an installation of its own, with which it may do what it likes. */
export interface Installation {
  port: number;
  ownerUrl: string;
  state: string;
}

/**
 * The installation of this worker. `./oyakata test` names them in OYAKATA_TEST_INSTALLATIONS, one a line: port, URL of the
 * owner of its tables, folder of its state. What starts and stops servers reads the settings, so they are set here.
 */
export function ownInstallation(): Installation {
  const lines = (process.env.OYAKATA_TEST_INSTALLATIONS ?? '').split('\n').filter((line) => line !== '');
  const line = lines[Number(process.env.TEST_PARALLEL_INDEX ?? '0')];
  if (line === undefined) throw new Error('Run these tests with ./oyakata test --only end-to-end.');
  const [port = '', ownerUrl = '', ...state] = line.split(' ');
  const databasePort = new URL(ownerUrl).port;
  Object.assign(process.env, {
    OYAKATA_PORT: port,
    OYAKATA_STATE: state.join(' '),
    OYAKATA_DB_PORT: databasePort,
  });
  return { port: Number(port), ownerUrl, state: state.join(' ') };
}
