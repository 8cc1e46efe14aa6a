/** What the demo shop's people sign in with; shown on the sign-in page as long as they have not chosen their own. */
export const DEMO_PASSWORD = 'bone folder and paste';
export const DEMO_PIN = '2580';
/** The code of the demo class. */
export const DEMO_CLASS_CODE = 'PAPER7';
