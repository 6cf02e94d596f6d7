import { facePutty } from "../frame/held.ts";
import type { Opens, PackerSpot } from "../set/packer-places.ts";
import { beadOn } from "../set/seal-path.ts";
import { type Sealant, sealantFor } from "../set/sealant.ts";
import { beadLengths, type Sticks, sticksFor } from "../set/sticks.ts";
import { stripMm } from "../set/strip.ts";
import { type Mm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { opensAs } from "./hangs.ts";
import { wayRoundShare } from "./own-sides.ts";
import { packersDrawn } from "./packers-drawn.ts";
import type { Reckoning } from "./reckoning.ts";
import { hasBeads, readyFacts } from "./step-facts.ts";
import { isUnit } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

/** A leg nobody measured is taken for so deep, mm. Source: usual plastic and wood sashes. */
export const USUAL_LEG_MM = 15;
/** How far inside the tight line it runs where nobody measured the leg: half of the usual one. */
const BEAD_INSIDE_MM = 6;
/** Beads are bought in these lengths, mm. Source: common stock. */
export const BEAD_STOCK_MM: readonly number[] = [2400, 3000];
const KERF_MM = 3;
/** Gasket is cut so much longer than its way round, not stretched. */
const GASKET_LONGER = 0.01;

/** What setting this pane takes, worked out: where its packers stand, and how much of what holds it. */
export type Setting = {
  readonly opens: Opens;
  readonly spots: readonly PackerSpot[];
  readonly blockMm: Mm;
  readonly sealant: Sealant | null;
  /** Of the sealant, what runs as a slope outside, struck off to the sight line, where the frame has no bead. */
  readonly slopeMl: number;
  /** How thick a bead of it is run, mm. */
  readonly beadMm: Mm;
  /** What fills the void round its edge, ml; 0 where it stays open. */
  readonly voidMl: number;
  /** Glazing tape or gasket by length, mm, waste allowed for. */
  readonly tapeMm: Mm | null;
  readonly gasketMm: Mm | null;
  /** New beads, where they are not kept or did not survive. */
  readonly sticks: Sticks | null;
};

/** Null while nothing is sized. */
export function settingOf(book: PaneBook, r: Reckoning): Setting | null {
  if (!r.cut.ok) return null;
  const { glass, governs } = r.cut.value;
  const [w, h] = [toMm(glass.width), toMm(glass.height)];
  const facts = readyFacts(book, r);
  // Cut to its own shape, every side is as long as it is, and what runs round it is as long as its way round.
  const { edgesMm, blockMm, spots } = packersDrawn(book, r);
  const round = r.shaped ? wayRoundShare(r.shaped.corners) : 1;
  const leg = r.readings["rebate-depth"];
  const legMm = leg === undefined ? null : toMm(leg);
  const beadMm = beadOn(legMm ?? USUAL_LEG_MM, r.house.bedMm);
  // The void round the edge, where its maker wants it filled: opening less glass, through the glass.
  const filled = facts.detail.void === "filled" && isUnit(book) && (facts.bed === "silicone" || facts.bed === "tape");
  const voidMl = filled
    ? ((toMm(governs.width.length) * toMm(governs.height.length) - w * h) * round * toMm(r.glass.thickness)) / 1000
    : 0;
  const slopeMl = facePutty(facts) && facts.bed === "silicone" && r.putty?.ok ? r.putty.value.faceMl : 0;
  const opens = opensAs(book);
  // A sash or a window comes with its glass in it: nothing is packed, bedded or beaded here. An insert is caulked.
  const whole = wholeOf(book);
  const isGlazed = whole === "sash" || whole === "window";
  const newBeads = hasBeads(book) && (facts.detail.keep === "destroy" || book.before.broken.length > 0);
  const found = newBeads
    ? sticksFor({
        pieces: (r.shaped
          ? Object.values(edgesMm).map((edge) => edge + toMm(governs.width.length) - w)
          : beadPieces(book, toMm(governs.width.length), toMm(governs.height.length), legMm ?? 0)
        ).map((mm) => Math.ceil(mm)),
        stock: BEAD_STOCK_MM,
        kerf: KERF_MM,
      })
    : null;
  return {
    opens,
    blockMm,
    spots,
    beadMm,
    voidMl,
    slopeMl,
    sealant:
      !isGlazed && (facts.bed === "silicone" || voidMl > 0)
        ? sealantFor(
            [
              {
                widthMm: toMm(governs.width.length) * round,
                heightMm: toMm(governs.height.length) * round,
                section: { shape: "round", diameterMm: facts.bed === "silicone" ? beadMm : 0 },
                insideMm: legMm === null ? BEAD_INSIDE_MM : legMm / 2,
                voidMl: voidMl + slopeMl,
                count: 1,
              },
            ],
            r.house.waste,
          )
        : null,
    tapeMm:
      !isGlazed && facts.bed === "tape" ? stripMm({ widthMm: w * round, heightMm: h * round }, 1, r.house.waste) : null,
    gasketMm:
      !isGlazed && facts.bed === "gasket"
        ? stripMm({ widthMm: w * round, heightMm: h * round }, 1, GASKET_LONGER)
        : null,
    sticks: found?.ok ? found.value : null,
  };
}

/**
 * Lengths of four beads by how they meet: mitred, all full; where some run through, the pair between them is shorter by the
 * bead's face at both ends. Of a face nobody measured nothing comes off: it is trimmed at the frame.
 */
function beadPieces(book: PaneBook, width: Mm, height: Mm, faceMm: Mm): readonly number[] {
  const through = Object.values(book.before.joints?.joints ?? {}).flatMap((j) => (j.kind === "mitred" ? [] : [j.side]));
  const upright = through.filter((s) => s === "left" || s === "right").length > through.length / 2;
  const corners = through.length > 0 ? "square" : "mitred";
  return upright
    ? beadLengths({ widthMm: height, heightMm: width, faceMm, corners })
    : beadLengths({ widthMm: width, heightMm: height, faceMm, corners });
}
