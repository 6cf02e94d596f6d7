import { newSecret } from "./secret.ts";

/** By which this process calls itself, as when it plays a supplier's system. It ends with the process, and is kept nowhere. */
export const INNER: string = newSecret();
