import type { Running } from "./database.ts";

/** A query that is built once for a database, or a transaction, and asked again and again. */
export function oncePer<Q>(build: (db: Running) => Q): (db: Running) => Q {
  const built = new WeakMap<Running, Q>();
  return (db) => {
    const there = built.get(db);
    if (there) return there;
    const made = build(db);
    built.set(db, made);
    return made;
  };
}
