/**
 * What came of saving a thing that several pages may change: it is gone, or another page saved it
 * since, or it is kept as a new version.
 */
export type Saved<T> =
  | { readonly kind: "kept"; readonly version: number }
  | { readonly kind: "gone" }
  | { readonly kind: "changed-elsewhere"; readonly theirs: T };
