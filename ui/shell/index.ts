/**
 * What stands around every page: header, news from the server, what is sent and what comes back.
 * What was typed is kept here until it is stored.
 */
export {};
