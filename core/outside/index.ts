/**
 * What programs outside use: the requests of `./oyakata calc`, and the JSON Schemas of the documents.
 * Both are promises: a key, a unit, a code is never renamed.
 * Everything is worked out on the floors below.
 */
export {};
