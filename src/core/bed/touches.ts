import type { Template } from "../text/template.ts";
import type { CompoundId } from "./compound.ts";

/** What may come near the glass: what it is set in, and two things from a bench that should not. */
export type Setting = CompoundId | "acetoxy" | "solvent";
export const AGAINST = [
  "laminated",
  "unit",
  "toughened",
  "plastic",
  "aluminium",
  "steel",
  "bare-timber",
  "film",
] as const;
export type Against = (typeof AGAINST)[number];
export type Judgement = "yes" | "care" | "no";

type Rule = { readonly says: Judgement; readonly because: Template };

const LABEL = "usual makers' advice; the label wins";

/** What the glass is set in, what the glass is, what the frame is: each pair judged once. Only what is not a plain yes. Source of all: usual makers' advice; the label wins. */
const TABLE: Readonly<Record<Setting, Partial<Record<Against, Rule>>>> = {
  linseed: {
    laminated: { says: "no", because: "Its oil creeps into the layer and clouds it." },
    unit: { says: "no", because: "Its oil attacks the edge seal, and the {unit} mists." },
    plastic: { says: "no", because: "It never keys to plastic." },
    aluminium: { says: "no", because: "It does not key to bare metal: metal-casement {putty} does." },
    steel: { says: "care", because: "Only on primed steel, as metal-casement {putty}." },
    "bare-timber": { says: "care", because: "Prime first: raw timber drinks its oil, and it cracks." },
    film: { says: "no", because: "Oil lifts the film's edge." },
  },
  "metal-casement": {
    laminated: { says: "no", because: "Its oil creeps into the layer and clouds it." },
    unit: { says: "no", because: "Its oil attacks the edge seal, and the {unit} mists." },
    plastic: { says: "no", because: "It never keys to plastic." },
    aluminium: { says: "care", because: "Under a coat of metal primer." },
    steel: { says: "care", because: "Under a coat of metal primer: water under it rusts." },
    "bare-timber": { says: "no", because: "It is made for metal: timber takes linseed {putty}." },
    film: { says: "no", because: "Oil lifts the film's edge." },
  },
  acrylic: {
    unit: { says: "care", because: "Only where the {unit} is drained and packed: it holds water at the seal." },
    plastic: { says: "care", because: "It keys poorly: try it first." },
    steel: { says: "care", because: "Water in it rusts bare steel: prime." },
  },
  "two-part": {
    laminated: { says: "care", because: "Its hardener may touch the layer's edge: keep it off." },
    unit: { says: "no", because: "It sets hard, and a {unit} must be free to move." },
    plastic: { says: "no", because: "It sets hard and lets go of plastic." },
  },
  silicone: {
    "bare-timber": { says: "care", because: "It pulls off raw timber: prime." },
  },
  acetoxy: {
    laminated: { says: "no", because: "Its acid attacks the layer: neutral-cure only." },
    unit: { says: "no", because: "Its acid attacks the edge seal: neutral-cure only." },
    aluminium: { says: "no", because: "Its acid marks soft metal." },
    steel: { says: "no", because: "Its acid rusts steel." },
    film: { says: "no", because: "Its acid lifts the film." },
  },
  tape: {
    "bare-timber": { says: "care", because: "It pulls off raw timber: prime." },
    film: { says: "care", because: "It sticks to the film, and the film to the glass: cut the film back." },
  },
  "tape-and-sealant": {
    "bare-timber": { says: "care", because: "Both pull off raw timber: prime." },
    film: { says: "care", because: "It sticks to the film, and the film to the glass: cut the film back." },
  },
  gasket: {
    "bare-timber": { says: "care", because: "Only where {rebate} or {bead} has a groove that holds it." },
  },
  solvent: {
    laminated: { says: "no", because: "It softens the layer at the edge." },
    unit: { says: "care", because: "Kept off the edge seal, wiped at once." },
    plastic: { says: "no", because: "It crazes plastic: alcohol only." },
    film: { says: "no", because: "It lifts the film." },
  },
};

/**
 * Whether a setting material may touch this glass and this frame. The worst of all it touches counts.
 * @example compatible("linseed", ["unit"]) // no: its oil attacks the edge seal
 * @example compatible("silicone", ["laminated", "plastic"]) // yes
 */
export function compatible(
  setting: Setting,
  against: readonly Against[],
): { readonly says: Judgement; readonly because: readonly Template[]; readonly source: string } {
  const rules = against.flatMap((a) => TABLE[setting][a] ?? []);
  const says: Judgement = rules.some((r) => r.says === "no") ? "no" : rules.length > 0 ? "care" : "yes";
  return { says, because: rules.map((r) => r.because), source: LABEL };
}
