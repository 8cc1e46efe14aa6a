/** What comes after what is next stands there: what the device keeps and sends, and what of it is shown. */
export { BenchKeeper } from './bench-keeper';
export { BenchLine } from './bench-line';
export { nobodyWorks } from './remembered';
export { signOutHere } from './sign-out-here';
export { WhoWorksHere } from './who-works-here';
