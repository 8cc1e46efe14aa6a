/**
 * One folder for each thing in the menu or behind a link, by its name on the screen.
 * A view takes from the parts and from nothing beside it.
 */
export {};
