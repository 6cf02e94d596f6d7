import { hash, verify } from "@node-rs/argon2";

/** Argon2id with the figures OWASP gives for it: 19 MiB, two passes, one lane. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** A password or a PIN as it is kept. */
export const packed = (secret: string): Promise<string> => hash(secret.normalize("NFKC"), COST);

/** Of nobody: verified where a name is not known, so that the time it takes does not tell. */
const NOBODY = packed("nobody's");

/** Whether this is the password kept; where none is kept it takes as long to say no. */
export async function isRight(kept: string | null, typed: string): Promise<boolean> {
  const right = await verify(kept ?? (await NOBODY), typed.normalize("NFKC")).catch(() => false);
  return kept !== null && right;
}
