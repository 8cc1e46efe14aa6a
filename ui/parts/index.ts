/**
 * What more than one view shows, each part in a folder by its name: the fields of a plan, a piece at work, the sheet, the machine.
 * A part takes from the parts before it (`scripts/house/floors.mjs`).
 */
export {};
