import { setSecret } from '@/data/credentials';
import { database } from '@/data/database';
import type { PersonView } from '@/data/people';
import { DEMO_PASSWORD } from '@/demo/accounts';

/** The cookie of an instructor who has signed in at the application. */
export async function sessionOf(instructor: PersonView, address: string): Promise<string> {
  await database().sequelize.transaction((transaction) =>
    setSecret(instructor.id, 'password', DEMO_PASSWORD, transaction),
  );
  const session = await fetch(`${address}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: address },
    body: JSON.stringify({ name: instructor.name, password: DEMO_PASSWORD }),
  });
  return session.headers
    .getSetCookie()
    .map((each) => each.split(';')[0])
    .join('; ');
}
