import type { z } from "zod";
import type { DesiccantAnswer, DesiccantCase } from "../../contract/calc-desiccant.ts";
import type { FixingsAnswer, FixingsCase } from "../../contract/calc-fixings.ts";
import type { SealantAnswer, SealantCase } from "../../contract/calc-sealant.ts";
import type { SticksAnswer, SticksCase } from "../../contract/calc-sticks.ts";
import { straightSides } from "../../core/geometry/sides.ts";
import { refurbishNeeds } from "../../core/refurbish/beads-and-seal.ts";
import { fail, ok } from "../../core/result.ts";
import { pinReach } from "../../core/set/pins.ts";
import { type BeadSection, sealantFor } from "../../core/set/sealant.ts";
import { LEAST_PITCH, sprigPlan } from "../../core/set/sprigs.ts";
import { MOST_PIECES, sticksFor } from "../../core/set/sticks.ts";
import { type LengthUnit, type Nm, nm, toMm } from "../../core/units/length.ts";
import type { Outcome } from "../http/endpoint.ts";
import { inMm, lengthIn, lengthOut, lengthsIn } from "./lengths.ts";

const SOURCE = "the rule itself; figures by house rule";

export function calcSealant(asked: SealantCase): Outcome<z.output<typeof SealantAnswer>> {
  const panes: Parameters<typeof sealantFor>[0][number][] = [];
  for (const [i, p] of asked.panes.entries()) {
    const at = `panes.${i}.`;
    const read = inMm({ width: p.width, height: p.height, inside: p.inside }, asked.unit, at);
    if (!read.ok) return read;
    const section = sectionIn(p.section, asked.unit, `${at}section.`);
    if (!section.ok) return section;
    const { width, height, inside } = read.value;
    if (width <= 0 || height <= 0)
      return fail({ code: "no-size", message: "Give the pane's width and height.", field: `${at}width` });
    if (2 * inside >= Math.min(width, height))
      return fail({
        code: "inside-too-far",
        field: `${at}inside`,
        message: `A bead ${inside} mm inside a pane of ${width} × ${height} mm runs past its middle: give less than ${Math.min(width, height) / 2} mm.`,
      });
    panes.push({
      widthMm: read.value.width,
      heightMm: read.value.height,
      insideMm: read.value.inside,
      section: section.value,
      voidMl: p.voidMl,
      count: p.count,
    });
  }
  const s = sealantFor(panes, asked.waste);
  return ok({
    eachMl: [...s.eachMl],
    totalMl: s.totalMl,
    cartridges310: s.cartridges,
    foils600: s.foils,
    rule: "section area × (2(W + H) − 8x); tubes rounded up once, on the total",
    source: "Pappus's theorem on each mitred side",
  });
}

function sectionIn(s: SealantCase["panes"][number]["section"], unit: LengthUnit, at: string): Outcome<BeadSection> {
  if (s.shape === "round") {
    const d = lengthIn(s.diameter, unit, `${at}diameter`);
    return d.ok ? ok({ shape: "round", diameterMm: toMm(d.value) }) : d;
  }
  if ("radius" in s) {
    const r = lengthIn(s.radius, unit, `${at}radius`);
    return r.ok ? ok({ shape: s.shape, radiusMm: toMm(r.value) }) : r;
  }
  const read = inMm({ width: s.width, depth: s.depth }, unit, at);
  const shape = s.shape === "fillet" ? "triangle" : s.shape;
  return read.ok ? ok({ shape, widthMm: read.value.width, depthMm: read.value.depth }) : read;
}

export function calcFixings(asked: FixingsCase): Outcome<z.output<typeof FixingsAnswer>> {
  const read = lengthsIn(
    { width: asked.width, height: asked.height, corner: asked.corner, pitch: asked.pitch },
    asked.unit,
  );
  if (!read.ok) return read;
  const at = read.value as Required<typeof read.value>;
  if (at.pitch < LEAST_PITCH)
    return fail({
      code: "no-pitch",
      field: "pitch",
      message: "Give a pitch of 10 mm or more: nobody sets sprigs nearer.",
    });
  if (at.width <= 0 || at.height <= 0) return fail({ code: "no-size", message: "Give the pane's width and height." });
  const plan = sprigPlan(straightSides(at.width, at.height), { corner: at.corner, pitch: at.pitch });
  let pin: z.output<typeof FixingsAnswer>["pin"] = null;
  if (asked.pin) {
    const p = inMm({ length: asked.pin.length, stop: asked.pin.stop, toGlass: asked.pin.toGlass }, asked.unit, "pin.");
    if (!p.ok) return p;
    pin = {
      ...pinReach({
        lengthMm: p.value.length,
        stopMm: p.value.stop,
        angleDeg: asked.pin.angle,
        toGlassMm: p.value.toGlass,
      }),
    };
  }
  return ok({
    across: plan.sides.bottom.map((p) => lengthOut(p, asked.unit)),
    upright: plan.sides.left.map((p) => lengthOut(p, asked.unit)),
    count: plan.count,
    pin,
    rule: "ends at the corner distance, equal pitch not over the rule; one in the middle of a short side; never none",
    source: SOURCE,
  });
}

export function calcSticks(asked: SticksCase): Outcome<z.output<typeof SticksAnswer>> {
  const pieces: Nm[] = [];
  for (const [i, p] of asked.pieces.entries()) {
    const read = lengthIn(p.length, asked.unit, `pieces.${i}.length`);
    if (!read.ok) return read;
    if (read.value <= 0) return fail({ code: "no-length", message: `pieces.${i}.length: give more than nothing.` });
    for (let k = 0; k < p.count; k++) pieces.push(read.value);
  }
  if (pieces.length > MOST_PIECES)
    return fail({
      code: "too-many",
      message: `Give at most ${MOST_PIECES} pieces at once; this was ${pieces.length}.`,
    });
  const stock: Nm[] = [];
  for (const [i, s] of asked.stock.entries()) {
    const read = lengthIn(s, asked.unit, `stock.${i}`);
    if (!read.ok) return read;
    stock.push(read.value);
  }
  const kerf = lengthIn(asked.kerf, asked.unit, "kerf");
  if (!kerf.ok) return kerf;
  const found = sticksFor({ pieces, stock, kerf: kerf.value });
  if (!found.ok)
    return fail({
      code: found.error.kind,
      message:
        found.error.kind === "too-long"
          ? `A piece of ${toMm(nm(found.error.piece))} mm is longer than the longest stick, ${toMm(nm(found.error.longest))} mm: join it, or buy longer.`
          : "Give at least one stock length of more than nothing.",
    });
  const out = (v: number) => lengthOut(nm(v), asked.unit);
  return ok({
    count: found.value.count,
    sticks: found.value.sticks.map((s) => ({ stock: out(s.stock), pieces: s.pieces.map(out), left: out(s.left) })),
    boughtMm: found.value.sticks.reduce((sum, s) => sum + toMm(nm(s.stock)), 0),
    proven: found.value.proven,
    rule: "fewest sticks, then the least length bought; n pieces lose n − 1 cuts",
    source: "exact search",
  });
}

export function calcDesiccant(asked: DesiccantCase): Outcome<z.output<typeof DesiccantAnswer>> {
  const read = inMm(
    {
      width: asked.width,
      height: asked.height,
      channel: asked.channel,
      spacer: asked.spacer,
      spacerHeight: asked.spacerHeight,
      keyLeg: asked.keyLeg,
      inset: asked.inset ?? { mm: 0 },
    },
    asked.unit,
  );
  if (!read.ok) return read;
  const at = read.value;
  if (at.width <= 0 || at.height <= 0)
    return fail({ code: "no-size", message: "Give the unit's width and height.", field: "width" });
  if (at.spacer <= 0) return fail({ code: "no-spacer", message: "Give the spacer's width.", field: "spacer" });
  const inset = asked.inset === undefined ? at.channel + at.spacerHeight / 2 : at.inset;
  if (2 * Math.max(inset, at.channel) >= Math.min(at.width, at.height))
    return fail({
      code: "channel-too-deep",
      field: asked.inset === undefined ? "channel" : "inset",
      message: `The spacer of a unit of ${at.width} × ${at.height} mm cannot lie ${Math.max(inset, at.channel)} mm inside its edge: measure the channel again.`,
    });
  const needs = refurbishNeeds({
    glass: { widthMm: at.width, heightMm: at.height },
    channelMm: at.channel,
    spacerMm: at.spacer,
    spacerHighMm: at.spacerHeight,
    insetMm: asked.inset === undefined ? undefined : at.inset,
    boreMm2: asked.boreMm2,
    keyLegMm: at.keyLeg,
    filledSides: asked.filledSides,
    fill: asked.fill,
    density: asked.density,
    shouldersMl: asked.shouldersMl,
    waste: asked.waste,
  });
  return ok({
    boreLengthMm: needs.boreMm,
    beadsMl: needs.beadsMl,
    beadsG: needs.beadsG,
    sealMl: needs.sealMl,
    cartridges310: needs.tubes,
    rule: "bore area × centre line less key legs × fill × density; spacer width × (W H − (W − 2d)(H − 2d)) + shoulders",
    source: "density: common data of molecular sieve beads",
  });
}
