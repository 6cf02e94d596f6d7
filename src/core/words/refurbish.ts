import { type RefurbishNeeds, TUBE_ML } from "../refurbish/beads-and-seal.ts";
import { counted } from "../text/counted.ts";

/** What goes back into a unit that is closed again. @example "Drying beads 164 g (219 ml); edge sealant 191 ml: 1 tube of 310 ml, waste allowed for." */
export const needsText = (needs: RefurbishNeeds): string =>
  `Drying beads ${needs.beadsG.toFixed(0)} g (${needs.beadsMl.toFixed(0)} ml); edge sealant ${needs.sealMl.toFixed(0)} ml: ${counted(needs.tubes, "tube")} of ${TUBE_ML} ml, waste allowed for.`;
