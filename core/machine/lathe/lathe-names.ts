/** Names of the choices that a lathe’s record makes. Stored: never renamed. */
export const NOSES = ['screwed', 'screwed-locked', 'long-taper', 'camlock'] as const;
export const SPEED_SETTERS = ['belt', 'lever', 'back-gear', 'inverter', 'other'] as const;
export const LEVER_KINDS = ['quick-change', 'feed-reverse', 'collar', 'apron', 'other'] as const;
export const GEAR_ROLES = ['driver', 'driven', 'idler'] as const;
export const READOUT_AXES = ['cross-slide', 'carriage', 'compound'] as const;
