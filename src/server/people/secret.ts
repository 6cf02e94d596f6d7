import { createHash, randomBytes } from "node:crypto";

/** Something that only its holder knows: 256 bits of chance. */
export const newSecret = (): string => randomBytes(32).toString("base64url");

/** What of it is kept here: whoever reads the file cannot come in by it. */
export const hashOf = (secret: string): string => createHash("sha256").update(secret).digest("hex");
