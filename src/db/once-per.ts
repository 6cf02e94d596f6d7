import type { Running } from "./database.ts";

/**
 * A query that is built once for a connection and asked again and again. A transaction runs on the same connection as its
 * database, so what was built for the one serves the other: a write does not build its queries anew.
 */
export function oncePer<Q>(build: (db: Running) => Q): (db: Running) => Q {
  const built = new WeakMap<object, Q>();
  return (db) => {
    const connection = connectionOf(db);
    const there = built.get(connection);
    if (there) return there;
    const made = build(db);
    built.set(connection, made);
    return made;
  };
}

/** What a database and its transactions share; a stand-in without one is its own. */
const connectionOf = (db: Running): object => (db as { readonly session?: object }).session ?? db;
