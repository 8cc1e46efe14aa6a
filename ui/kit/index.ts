/**
 * What every screen is made of: buttons, fields, tables, dialogs, figures, in the shop's own words.
 * No thread, no route, no server.
 * Side by side under `/kit` in the running application.
 */
export {};
