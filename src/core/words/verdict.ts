import { DISAGREE_MM, disagreement } from "../measure/figure.ts";
import { DIAGONALS } from "../measure/places.ts";
import type { Reckoning } from "../pane/reckoning.ts";
import type { Lying } from "../size/lay.ts";
import { writeLength } from "../tape/write.ts";
import type { Template } from "../text/template.ts";
import { type LengthUnit, type Mm, mm } from "../units/length.ts";
import { noArchText } from "./arch.ts";
import { guessedText, tooShallow } from "./declined.ts";
import { type Dialect, say } from "./dialect.ts";
import { slipWords } from "./opening.ts";
import { percent } from "./percent.ts";
import { cutErrorSentence, figureErrorSentence } from "./size.ts";

/** What the readings come to: plain words first, then the figure, then the reason. */
export type Verdict<Text = string> = {
  readonly tone: "waiting" | "good" | "trouble";
  readonly says: Text;
  /** What is still taken for granted, or what to do about trouble. */
  readonly more: Text | null;
};

/** What a pane is that is cut to the shape that was made, and not to one out of square. */
const SHAPED_SAYS: Readonly<Partial<Record<NonNullable<Reckoning["shaped"]>["as"], string>>> = {
  raked: "It is cut to the opening's own shape and follows every side, the slope too.",
  arched: "It is cut to the opening's own shape, and its head to a circle inside the opening's.",
};

/** Differences smaller than this are called square: no tape shows them. */
const SQUARE_MM = 0.5;

export function verdictOf(
  r: Reckoning,
  by: { readonly unit: LengthUnit; readonly dialect: Dialect; readonly leastCoverMm: Mm },
): Verdict {
  const found = sentences(r, by);
  return { tone: found.tone, says: say(found.says, by.dialect), more: found.more && say(found.more, by.dialect) };
}

function sentences(r: Reckoning, by: { readonly unit: LengthUnit; readonly leastCoverMm: Mm }): Verdict<Template> {
  if (!r.cut.ok) return { tone: "waiting", says: cutErrorSentence(r.cut.error), more: null };
  if (!r.cut.value.opening.ok)
    return { tone: "trouble", says: figureErrorSentence(r.cut.value.opening.error), more: null };
  const lying = r.cut.value.opening.value;
  const text = (lengthMm: Mm): string => writeLength(mm(Math.abs(lengthMm)), by.unit, { places: 1, ticks: 32 });
  const cornersRead = DIAGONALS.filter((p) => r.readings[p] !== undefined).length;
  const [slip] = r.slips;
  if (slip)
    return {
      tone: "trouble",
      says: slipWords(slip, by.unit),
      more: "Read it again. If it stands, say so beside it, and it is believed.",
    };
  const apart = disagreement(lying.figure);
  if (apart > DISAGREE_MM)
    return {
      tone: "trouble",
      says: `The readings do not fit one opening: one of them is ${text(apart)} out, or more.`,
      more: "Read both corners again, then the widths and heights: look for a slip of an inch, or of ten.",
    };
  if (r.arch && !r.arch.ok)
    return {
      tone: r.arch.error.kind === "not-read" ? "waiting" : "trouble",
      says: noArchText(r.arch.error, by.unit),
      more: null,
    };
  const shape = shapeWords(lying, cornersRead, text);
  if (r.shaped)
    return r.shaped.stale
      ? {
          tone: "trouble",
          says: `${shape} The readings have changed since its shape was taken.`,
          more: "Take the shape again under “What will do instead”, or go back to a true rectangle.",
        }
      : {
          tone: "good",
          says: SHAPED_SAYS[r.shaped.as] ?? `${shape} Cut to the opening's own shape: it follows every side.`,
          more:
            r.shaped.as !== "arched"
              ? "Say which face is out: a shaped {pane} goes in one way only."
              : cornersRead < DIAGONALS.length
                ? "It is taken to stand upright: read from each foot to where the head springs opposite."
                : null,
        };
  const shallow = tooShallow(r);
  if (r.poor && shallow)
    return {
      tone: "trouble",
      says: `The {rebate} is ${text(shallow.deepMm)} deep and ${text(shallow.coverMm)} of the {pane} must be covered: that leaves ${text(shallow.deepMm - shallow.coverMm)} for gap, tape and cutter, and no size is likely to keep it.`,
      more: `Read the depth again at all four sides. If it stands: ${r.canEase ? "deepen it, turn" : "this frame cannot be eased: turn"} to a wider {bead}, or say under House rules that less cover will do.`,
    };
  if (r.poor && r.opening.guessed) return { tone: "trouble", says: guessedText(r.opening.guessed.doubt), more: null };
  if (r.poor && r.best)
    return {
      tone: "trouble",
      says: `${shape} No true rectangle is likely to do: at the best, ${percent(r.best.chances.trouble)} would bind or lose cover.`,
      more: `${r.canEase ? "Ease the {rebate} where it is drawn, cut" : "This frame cannot be eased: cut"} a shaped {pane}, or take a smaller one with a wider {bead}.`,
    };
  if (r.tooBigBy > 0)
    return {
      tone: "trouble",
      says: `${shape} A square {pane} of this size will not go in: it binds by ${text(r.tooBigBy)}.`,
      more: `Take ${text(r.tooBigBy)} more off each way${r.canEase ? ", or ease the {rebate} where it binds" : ""}.`,
    };
  if (lying.leastCover && !lying.leastCover.enough)
    return {
      tone: "trouble",
      says: `${shape} The {pane} goes in, but the {rebate} covers only ${text(Math.max(0, lying.leastCover.length))} of it at the ${lying.leastCover.side}.`,
      more: `The house rule asks for ${text(by.leastCoverMm)}. Take less off, or turn to a wider {bead}.`,
    };
  if (r.shape === "odd" && r.opening.copied === null)
    return {
      tone: "good",
      says: "Its size is the rectangle round it, by the greatest of each: the template tells the rest.",
      more: null,
    };
  return {
    tone: "good",
    says: `${shape} A square {pane} ${cornersRead > 0 ? "goes in" : "should go in"} with ${text(lying.spare)} to spare at its tightest.`,
    more: assumedWords(lying, cornersRead),
  };
}

function shapeWords(lying: Lying, cornersRead: number, text: (lengthMm: Mm) => string): string {
  if (cornersRead === 0) return "Lean is not known yet.";
  const bow = Math.min(lying.figure.bow.width ?? 0, lying.figure.bow.height ?? 0);
  const lean = lying.figure.lean < SQUARE_MM ? "Square." : `Leans ${text(lying.figure.lean)}.`;
  return bow <= -SQUARE_MM ? `${lean} The sides bulge in ${text(bow)}.` : lean;
}

function assumedWords(lying: Lying, cornersRead: number): Template | null {
  const { assumptions } = lying.figure;
  const said: Template[] = [];
  if (cornersRead === 0) said.push("corners taken as square until a diagonal is read");
  else if (cornersRead === 1) said.push("one diagonal read: the other would check it");
  if (assumptions.includes("sides-parallel-widths")) said.push("jambs taken as parallel");
  if (assumptions.includes("sides-parallel-heights")) said.push("head and {sill} taken as parallel");
  return said.length === 0 ? null : `${said.join("; ").replace(/^./, (c) => c.toUpperCase())}.`;
}
