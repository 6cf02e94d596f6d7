import type { Entry } from "../log/kinds.ts";
import { goesBack } from "../look/options.ts";
import { WAY_FACTS, WAY_OF_WHOLE, type Way } from "../measure/ways.ts";
import { WHOLES } from "../specify/whole.ts";

/**
 * How it is measured: as was said, unless something that is made whole was chosen since, whose glass is nobody's to size; glass
 * that goes back as it lies there, unless somebody said otherwise or read the opening.
 * @example rebate said, then a new sash chosen // over the sash; said again afterwards: as was said
 */
export function wayOf(
  said: Entry | undefined,
  chosen: Entry | undefined,
  own: readonly Entry[],
  isOpeningRead: boolean,
): Way {
  const way = said?.kind === "measure.way" ? said.payload.way : null;
  const option = chosen?.kind === "look.option" ? chosen.payload.option : null;
  if (way === null && !isOpeningRead && goesBack(option)) return "old-unit";
  const whole = WHOLES.find((w) => w === option);
  if (whole === undefined || (way !== null && WAY_FACTS[way].whole === whole)) return way ?? "rebate";
  const isSince = said === undefined || (chosen !== undefined && own.indexOf(chosen) > own.indexOf(said));
  return isSince ? WAY_OF_WHOLE[whole] : (way ?? "rebate");
}
