/** What a simple argument of a message takes; nothing is said for what is missing. */
export type Text = string | number | boolean | null | undefined;

/** A part of a message that a page draws around what stands in it, such as a link. */
export type Tag = { readonly drawn: unique symbol };
