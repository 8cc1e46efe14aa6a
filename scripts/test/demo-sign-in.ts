import { DEMO_PASSWORD, DEMO_PIN } from '@/demo/accounts';

/** How somebody with a demo password or PIN signs in: the route, and what it is sent. */
export function demoSignIn(person: { id: number; signInName: string | null; classCode: string }): {
  path: string;
  body: object;
} {
  const { id, signInName, classCode } = person;
  return signInName === null
    ? { path: '/api/session/bench', body: { classCode, personId: id, pin: DEMO_PIN } }
    : { path: '/api/session', body: { name: signInName, password: DEMO_PASSWORD } };
}
