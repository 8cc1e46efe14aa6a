/**
 * The section of a thread, drawn to scale from the geometry of the core, on screen, as SVG and as DXF.
 * No plan and no record: what is drawn is given.
 */
export {};
