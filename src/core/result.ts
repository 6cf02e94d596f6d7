/** An outcome that may fail in a way we expected. The error carries data; words are made in `words/`. */
export type Result<T, E> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E };

export const ok = <T>(value: T): { readonly ok: true; readonly value: T } => ({ ok: true, value });
export const fail = <E>(error: E): { readonly ok: false; readonly error: E } => ({ ok: false, error });
