import { halved, isBeaded, sprung } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import type { Step } from "../steps/step.ts";
import { atBench, brokenUp, inOnePiece, isGone, type StepFacts } from "./facts.ts";

/** The glass leaves on the far side, and somebody takes it there. */
const passed = (f: StepFacts): boolean => frameOf(f.system).across && !halved(f) && !atBench(f);

/** Getting the glass itself out: whole, in shards, or there is none left. */
export function glassSteps(f: StepFacts): readonly Step[] {
  const heavy = f.lift !== 1;
  const whole = inOnePiece(f);
  const steps: (Step | false)[] = [
    (isBeaded(f) || sprung(f)) && {
      id: "glass-loose",
      does: isGone(f)
        ? "Nothing is held now: look for shards that hang."
        : "The glass is loose now. Who or what has it?",
      why:
        f.detail.bond === "gasket" ? "From here only hands or tape keep it up." : "The bond was the last to hold it.",
      minutes: 1,
      gloves: "on",
      ...(isGone(f) || atBench(f) ? {} : { asks: "holder" as const }),
      ...(f.storey !== null && f.storey > 0 && !atBench(f) ? { people: 2 as const } : {}),
    },
    brokenUp(f) && {
      id: "shards",
      does: "Draw the loose shards one by one, the top ones first.",
      why: "A shard left at the top comes down while you work below it.",
      tools: ["cut-resistant gloves", "eye protection", "pliers"],
      minutes: 15,
      gloves: "on",
      hazards: ["broken-glass"],
    },
    !isGone(f) && {
      id: "lift-out",
      afterCut: true,
      does:
        f.lift === "machine"
          ? "Stop: this {pane} is lifted by a machine, with someone trained to use it."
          : f.whole === "insert"
            ? f.detail.halves === "caulked"
              ? "Cut the caulk round the outer half, and take it out with its glass, one hand at its head."
              : "Take the outer half out with its glass, one hand at its head."
            : atBench(f)
              ? "Lift the {pane} out of the sash as it lies, both hands at its edges."
              : passed(f)
                ? "One pushes from the room, one outside takes it: top first, lower edge last."
                : heavy
                  ? `Two people, ${whole ? "cups on" : "straps under it"}: ease the {pane} out from the top, lower edge last.`
                  : brokenUp(f)
                    ? "Ease what still holds together out from the top, lower edge last."
                    : "Ease the {pane} out from the top, lower edge last.",
      why: f.damage.includes("cracked")
        ? "It can come apart in the middle of this: keep your wrists and feet from under it."
        : "The bottom edge carries it until both hands have it.",
      tools: heavy && whole ? ["rated suction cups", "cut-resistant gloves"] : ["cut-resistant gloves"],
      ...(heavy && !whole ? { never: "No suction cups on cracked or holed glass: straps or boards under it." } : {}),
      minutes: heavy ? 10 : 4,
      gloves: "on",
      hazards: [...(f.acrylic ? [] : (["broken-glass"] as const)), ...(heavy ? (["heavy"] as const) : [])],
      ...(heavy || passed(f) ? { people: 2 as const } : {}),
    },
  ];
  return steps.filter((s) => s !== false);
}
