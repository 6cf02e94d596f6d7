import type { Detail } from "./detail.ts";
import { asItWas, type Frame } from "./frame.ts";

const compound = (d: Detail): boolean => d.metal === "compound";

/** Steel or aluminium: clips and metal-casement compound, or beads and gaskets. */
export const metalFrame: Frame = {
  name: "Steel or aluminium frame",
  short: "metal frame",
  material: "metal",
  worked: "metal",
  seat: "frame to bare, sound metal",
  ledge: "leg",
  holds: (d) => (compound(d) ? "putty" : "beads"),
  fixing: (d) => (compound(d) ? "clips" : "none"),
  oldBond: (d) => (compound(d) ? "putty" : d.bond),
  usualBed: (bond) => (bond === "putty" ? "metal-casement" : asItWas(bond)),
  comesApart: (d) =>
    compound(d)
      ? [["paint-line"], ["face-putty"], ["clips"], ["glass"], ["bed"]]
      : [[d.gasket === "wedge" ? "wedge-gasket" : "outer-gasket"], ["beads"], ["glass"], ["packers"]],
  asks: (d) => (compound(d) ? ["metal", "old"] : ["metal", "gasket", "keep"]),
  mustSay: ["metal"],
  usual: {},
  takesUnits: false,
  packs: "edges",
  comesDown: false,
  across: false,
  ofDoor: false,
  drains: (d) => !compound(d),
  oldPutty: true,
  canBeEased: false,
  painted: false,
  glassStays: true,
  gasketed: (d) => !compound(d),
  hidesFixings: true,
  channelled: false,
  refits: "reverse",
  inFront: false,
};
