/** Thrown when the database can not be used by this release; the message says why and what to do. */
export class UnfitDatabase extends Error {
  override name = 'UnfitDatabase';
}
