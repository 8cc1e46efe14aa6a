/**
 * The order of the house, from the ground up: each floor imports from those before it, each room of a floor from the
 * rooms before it. The linter holds it (`oxlint.config.mjs`), README's list is made from it (`scripts/house/readme.mjs`).
 */
export const CORE = {
  base: ['errors', 'json', 'csv', 'documents', 'units', 'explain', 'chance'],
  people: [],
  thread: ['standards', 'geometry', 'tool', 'depth', 'compound', 'bore', 'identify'],
  measuring: ['gauging', 'nut', 'gauge-line', 'proof', 'tables'],
  machine: ['gearing', 'thread-dial', 'lathe', 'shop', 'book', 'technique', 'blank', 'stops'],
  cutting: ['groove', 'cut', 'force', 'schedule', 'bears', 'fault', 'fair'],
  learning: ['slip', 'worksheet'],
  exercise: ['plan', 'practice', 'sheet', 'record', 'marking', 'board'],
  outside: ['story', 'calc', 'formats'],
  // What prepares tests; only tests import it.
  test: [],
};

/** Rooms that have rooms of their own, in their order. */
export const CORE_INNER = { 'exercise/record': ['entry', 'state', 'advice', 'shown'] };

/** The order of `ui/`; the parts among each other too. Views know nothing of each other. */
export const UI = ['kit', 'units', 'drawing', 'shell', 'parts', 'views'];
export const UI_PARTS = ['outbox', 'thread', 'gauge', 'machine', 'sheet', 'worksheet', 'work', 'plan-fields'];
