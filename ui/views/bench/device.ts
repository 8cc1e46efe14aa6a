/** What comes after what is next stands there: what the device keeps and sends, and what of it is shown. */
export { signOut } from '@/ui/parts/outbox/sign-out';
export { BenchKeeper } from './bench-keeper';
export { BenchLine } from './bench-line';
export { nobodyWorks } from './remembered';
export { WhoWorksHere } from './who-works-here';
