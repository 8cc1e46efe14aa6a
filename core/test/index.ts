/**
 * What prepares tests of the core, of the interface and of the data: threads, sheets, records, spoilt text.
 * Only tests import it.
 * A slow second way to the same groove, by which the quick one is checked, is here too.
 */
export {};
