/** What somebody is to the firm. A guest sees one round, and nothing else. */
export type Role = "owner" | "office" | "glazier" | "guest";

export const ROLES: readonly Role[] = ["owner", "office", "glazier", "guest"];

/** What each role is for, as it is said to whoever hands it out. */
export const ROLE_SAYS: { readonly [R in Role]: string } = {
  owner: "Everything, with who may come in, copies of the file, and the audit page.",
  office: "All work and all orders, customers, quotes and house rules.",
  glazier: "All work and all orders. Reads house rules and prices, and does not change them.",
  guest: "Reads one round with its panes and photos, and writes nothing.",
};

/** Whoever is signed in. `round` is the one that a guest sees. */
export type Visitor = {
  readonly person: string;
  readonly name: string;
  readonly role: Role;
  readonly round: string | null;
};
