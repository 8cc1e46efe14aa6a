/**
 * Who may do what: roles, names, PINs and passwords, the roster of a class.
 * Rules only: where accounts are kept, and how somebody signs in, is of `data/`.
 * Nothing here knows what a thread is.
 */
export {};
