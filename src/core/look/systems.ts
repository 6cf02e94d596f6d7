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

/** Names hold {words} that the reader's dialect fills in. */
export const SYSTEM_FACTS: Readonly<Record<System, { readonly name: string; readonly short: string }>> = {
  "timber-putty": { name: "Timber, face {putty}", short: "{putty}" },
  "timber-bead": { name: "Timber, {beads} pinned", short: "timber {beads}" },
  "plastic-bead-inside": { name: "Plastic sash, {beads} inside, wedge gasket", short: "{beads} inside" },
  "plastic-bead-outside": {
    name: "Plastic sash, {beads} outside, tape or sealant inside",
    short: "tape, {beads} outside",
  },
  "plastic-no-bead": { name: "Plastic sash without {beads}, screwed corners", short: "no {beads}" },
  "pinned-stop": { name: "Clad or wood sash, pinned stops", short: "pinned stops" },
  cassette: { name: "Door or side light, screwed cassette", short: "cassette" },
  "compression-moulding": { name: "Door panel, sprung mouldings and tape", short: "sprung mouldings" },
  "metal-frame": { name: "Steel or aluminium frame", short: "metal frame" },
  "in-front": { name: "Storm pane, screen or grille in front", short: "storm pane" },
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

/** A sash that cannot be opened has no steps. */
export const CANNOT_BE_OPENED =
  "This sash lets nothing out. Glass alone cannot be changed: choose a new sash under Look.";
