import { isTimber } from "../frame/held.ts";
import { type MethodWhen, methodsOf } from "../steps/method.ts";
import type { FinishFacts } from "./steps.ts";

/** Skills of finishing. Source of all: trade practice; labels win. */
const METHODS: readonly MethodWhen<FinishFacts>[] = [
  {
    id: "surplus",
    name: "How surplus silicone comes off",
    steps: [
      "Wetted: half alcohol, half water, a blade under it, wipe with paper one way.",
      "Cured: cut it, roll it off; what is thin stays as a film that no cleaner moves.",
      "Never off plastic with solvent; never with water before it has a skin.",
    ],
    schools: [
      { way: "wet it and lift it with a blade", why: "it does not smear" },
      { way: "wipe at once with paper", why: "fast" },
      { way: "leave it for later", why: "it cuts clean once cured; the thin film stays" },
    ],
    when: (f) => f.bed === "silicone",
  },
  {
    id: "line",
    name: "A smooth line over an uneven frame",
    steps: [
      "One stroke a side, corner to corner, the knife on glass and timber at once.",
      "Add where it is hollow before you cut where it is high; the head is worked from below, pressed in past the {pane}'s edge.",
      "Paint hides a knife mark; it does not hide a hollow, a hump or a ragged mitre.",
    ],
    schools: [
      { way: "a bent knife", why: "it rides glass and timber at once" },
      { way: "a straight one, polished", why: "it leaves no drag" },
      { way: "two knives", why: "one carries, one cuts" },
      { way: "a finger last", why: "it follows the frame" },
    ],
    when: (f) => f.bed === "putty",
  },
  {
    id: "mask",
    name: "Masking so that paint seals",
    steps: [
      "Set the tape 2 mm back from the {putty}'s edge, on the glass: paint must reach the glass.",
      "Corners: tape past each other and cut both with one stroke.",
      "Score the paint's edge along the tape before you pull it, or it tears.",
      "Inside faces may be painted early; outside only when the {putty} has set.",
    ],
    schools: [
      { way: "mask back 2 mm", why: "the lap seals" },
      { way: "mask to the glass edge", why: "it looks neat; the {putty}'s edge stays open" },
      { way: "trim, prime, then paint", why: "rough edges are gone first" },
    ],
    when: (f) => f.compound.leastDays !== null && f.bed === "putty",
  },
  {
    id: "filler",
    name: "What fills timber that came away",
    steps: [
      "To 3 mm: flexible caulk, painted the same day. Wider: two-part filler, sanded when hard.",
      "A gap 3 mm wide and 10 mm deep takes about 3 ml for each 100 mm of its length.",
      "Has it moved since? Look before the next coat.",
    ],
    schools: [
      { way: "flexible caulk", why: "it runs easily" },
      { way: "stiff filler", why: "it sands" },
    ],
    when: (f) => isTimber(f) && f.detail.lost === "some",
  },
  {
    id: "colour",
    name: "New paint beside old",
    steps: [
      "Note colour and maker's number on this {pane}: the next one asks.",
      "New paint shows for a season. A part whose paint is good is kept, not repainted.",
    ],
    schools: [
      { way: "touch up now, the whole in mild weather", why: "one colour in the end" },
      { way: "keep the old painted ring", why: "it matches at once" },
    ],
    when: isTimber,
  },
];

/** The cards that belong to this pane. */
export const finishMethods = methodsOf(METHODS);
