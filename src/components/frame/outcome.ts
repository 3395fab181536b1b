/** What came of changing something in the kitchen; the message says what kept it from happening. */
export type Outcome = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** The same for something new. */
export type Kept = { readonly ok: true; readonly id: string } | { readonly ok: false; readonly message: string };
