declare const template: unique symbol;

/**
 * A text with {words} of the trade in it, each reader's to be filled in: `say` makes of it what is read. A plain text is one too,
 * without any; a test follows them through the program and finds one that goes to somebody as it stands.
 */
export type Template = string & { readonly [template]?: true };
