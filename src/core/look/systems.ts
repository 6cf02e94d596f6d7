/** How the glass is held. The choice decides what is measured, how the pane comes out, and what seals it. */
export const SYSTEMS = [
  "timber-putty",
  "timber-bead",
  "plastic-bead-inside",
  "plastic-bead-outside",
  "plastic-no-bead",
  "pinned-stop",
  "cassette",
  "compression-moulding",
  "metal-frame",
  "in-front",
] as const;
export type System = (typeof SYSTEMS)[number];

/** Names hold {words} that the reader's dialect fills in. `ready` says whether its own steps are worked out. */
export const SYSTEM_FACTS: Readonly<
  Record<System, { readonly name: string; readonly short: string; readonly ready: boolean }>
> = {
  "timber-putty": { name: "Timber, face {putty}", short: "{putty}", ready: true },
  "timber-bead": { name: "Timber, {beads} pinned", short: "timber {beads}", ready: false },
  "plastic-bead-inside": { name: "Plastic sash, {beads} inside, wedge gasket", short: "{beads} inside", ready: false },
  "plastic-bead-outside": {
    name: "Plastic sash, {beads} outside, tape or sealant inside",
    short: "tape, {beads} outside",
    ready: false,
  },
  "plastic-no-bead": { name: "Plastic sash without {beads}, screwed corners", short: "no {beads}", ready: false },
  "pinned-stop": { name: "Clad or wood sash, pinned stops", short: "pinned stops", ready: false },
  cassette: { name: "Door or side light, screwed cassette", short: "cassette", ready: false },
  "compression-moulding": { name: "Door panel, sprung mouldings and tape", short: "sprung mouldings", ready: false },
  "metal-frame": { name: "Steel or aluminium frame", short: "metal frame", ready: false },
  "in-front": { name: "Storm pane, screen or grille in front", short: "storm pane", ready: false },
};

/** What the opening is made of, as far as it moves with the seasons. */
export function materialOf(system: System): "timber" | "plastic" | "metal" {
  switch (system) {
    case "timber-putty":
    case "timber-bead":
    case "pinned-stop":
    case "in-front":
      return "timber";
    case "metal-frame":
      return "metal";
    default:
      return "plastic";
  }
}

/** Systems that mostly hold sealed units. */
export const holdsUnits = (system: System): boolean =>
  system.startsWith("plastic") ||
  system === "pinned-stop" ||
  system === "cassette" ||
  system === "compression-moulding";

/** What Plain Pane does for a system whose own steps it does not know yet. */
export const NOT_WORKED_OUT =
  "The setting steps and quantities for this system are not worked out yet: follow the maker's, and keep notes here. All else works as usual.";

/** A sash that cannot be opened has no steps. */
export const CANNOT_BE_OPENED =
  "This sash lets nothing out. Glass alone cannot be changed: choose a new sash under Look.";
