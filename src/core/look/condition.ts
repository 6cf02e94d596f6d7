/** What state a member of sash or frame is in. */
export const MEMBER_STATES = ["sound", "mend", "not-worth"] as const;
export type MemberState = (typeof MEMBER_STATES)[number];

export const MEMBER_FACTS: Readonly<Record<MemberState, { readonly name: string; readonly means: string }>> = {
  sound: { name: "sound", means: "takes new glass as it is" },
  mend: { name: "mend first", means: "cut out, harden, fill: a day of drying" },
  "not-worth": { name: "not worth it", means: "the sash, or more, is changed" },
};
