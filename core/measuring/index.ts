/**
 * How a thread is measured and what a reading says: wires, gauges, thread micrometer, the nut that is tried.
 * How uncertain a reading is, what each kind of evidence proves, what a gauge sends over its line.
 * No lathe, no plan.
 */
export {};
