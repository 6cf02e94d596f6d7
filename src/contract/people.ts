import { z } from "zod";
import { MOST_PASSWORD, PIN } from "../core/people/account-rules.ts";
import { ROLES } from "../core/people/role.ts";
import { Id, Name } from "./payload-parts.ts";
import { type Route, route } from "./route.ts";

const Password = z
  .string()
  .min(1)
  .max(MOST_PASSWORD)
  .meta({ description: "At least 12 signs; what they are is free." });
const Device = z
  .string()
  .trim()
  .min(1)
  .max(60)
  .default("a device")
  .meta({ description: "What this device is called in the list of devices." });
const Secret = z.string().min(20).max(100);
const Pin = z.string().regex(PIN, { error: "A PIN is 4 to 8 digits." });
const Role = z
  .enum(ROLES as [string, ...string[]] & typeof ROLES)
  .meta({ description: "owner, office, glazier or guest" });
const In = z.strictObject({ name: z.string(), role: Role }).meta({ description: "Who is in now." });
const Done = z.strictObject({ done: z.literal(true) });
/** What a browser's own passkey calls give and take: checked by the package that verifies them. */
const Loose = z.looseObject({});

const post = <I extends z.ZodType, O extends z.ZodType>(
  path: string,
  says: string,
  input: I,
  output: O,
  more?: string,
) => route({ method: "post", path: `/api/people/${path}`, says, input, output, ...(more && { more }) });

export const PostBegin = post(
  "begin",
  "Makes the first owner: from here on everybody signs in.",
  z.strictObject({ name: Name, password: Password, device: Device }),
  In,
  "Taken once, while nobody has to sign in. Afterwards owners invite.",
);
export const PostSignIn = post(
  "sign-in",
  "Signs somebody in by name and password, on the device that asks.",
  z.strictObject({ name: Name, password: Password, device: Device }),
  In,
);
export const PostSignOut = post(
  "sign-out",
  "Ends the session that asks. What waits on the device stays there.",
  z.strictObject({}),
  Done,
);
export const PostInvite = post(
  "invite",
  "Makes an invitation that ends: a link, and the same as a picture to be pointed at.",
  z.strictObject({ name: Name, role: Role, round: Id.optional(), hours: z.int().min(1).max(336).default(72) }),
  z.strictObject({ link: z.string(), svg: z.string(), endsAt: z.string() }),
  "A guest needs the round they may see. The link is shown once and works once.",
);
export const PostAccept = post(
  "accept",
  "Takes an invitation up: sets a password and signs in.",
  z.strictObject({ token: Secret, password: Password, device: Device }),
  In,
);
export const PostChange = post(
  "change",
  "Changes somebody's role or round, or ends their coming in.",
  z.strictObject({ person: Id, role: Role.optional(), round: Id.nullable().optional(), ended: z.boolean().optional() }),
  Done,
);
export const PostEndSession = post(
  "end-session",
  "Ends a session. Of a lost device: what it keeps is wiped at its next contact.",
  z.strictObject({ session: Id, lost: z.boolean().default(false) }),
  Done,
);
export const PostPassword = post(
  "password",
  "Changes one's own password. All other sessions of the person end.",
  z.strictObject({ old: Password, password: Password }),
  Done,
);
export const PostPin = post(
  "pin",
  "Sets one's own PIN, for tablets that several share.",
  z.strictObject({ password: Password, pin: Pin }),
  Done,
);
export const PostTablet = post(
  "tablet",
  "Makes the device that asks a shared tablet: from here on it is unlocked by a name and a PIN.",
  z.strictObject({ device: Device }),
  Done,
);
export const PostUnlock = post(
  "unlock",
  "Unlocks a shared tablet for one person.",
  z.strictObject({ person: Id, pin: Pin }),
  In,
  "Five wrong PINs, and none is taken for a quarter of an hour. Left alone for as long it locks itself.",
);
export const PostLock = post("lock", "Locks the shared tablet again.", z.strictObject({}), Done);
export const PostKey = post(
  "key",
  "Makes a key for a supplier's system, or the secret address of a person's calendar.",
  z.strictObject({ what: z.enum(["supplier", "calendar"]), of: Name }),
  z.strictObject({ key: z.string(), address: z.string().nullable() }),
  "Shown once: what is kept here does not give it back.",
);
export const PostEndKey = post("end-key", "Withdraws a key.", z.strictObject({ key: Id }), Done);
export const PostPasskeyBegin = post(
  "passkey-begin",
  "What the browser needs to make a passkey for whoever is signed in.",
  z.strictObject({}),
  Loose,
);
export const PostPasskeyAdd = post("passkey-add", "Keeps the passkey that the browser made.", Loose, Done);
export const PostPasskeyAsk = post(
  "passkey-ask",
  "What the browser needs to sign in by a passkey.",
  z.strictObject({}),
  Loose,
);
export const PostPasskeyIn = post(
  "passkey-in",
  "Signs in by what the browser made of its passkey.",
  z.strictObject({ answer: Loose, device: Device }),
  In,
);

/** Every endpoint of those who may come in, in the order of the page. */
export const PEOPLE_ROUTES: readonly Route[] = [
  PostBegin,
  PostSignIn,
  PostSignOut,
  PostInvite,
  PostAccept,
  PostChange,
  PostEndSession,
  PostPassword,
  PostPin,
  PostTablet,
  PostUnlock,
  PostLock,
  PostKey,
  PostEndKey,
  PostPasskeyBegin,
  PostPasskeyAdd,
  PostPasskeyAsk,
  PostPasskeyIn,
] as unknown as readonly Route[];
