/** What the demo shop's people sign in with; shown on the sign-in page as long as they have not chosen their own. */
export const DEMO_PASSWORD = 'bone folder and paste';
export const DEMO_PIN = '2580';
/** The code of the demo class. */
export const DEMO_CLASS_CODE = 'PAPER7';

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
