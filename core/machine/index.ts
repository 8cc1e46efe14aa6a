/**
 * The lathe and the shop around it: gears, thread dial, dials and charts, speeds, the book of tools and materials.
 * The ways of working on it: drive, holding, direction, clearing, stops between the cuts.
 * It knows the thread to be cut, and no exercise.
 */
export {};
