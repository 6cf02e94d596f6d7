import type { z } from "zod";
import type { DepthAnswer, DepthCase } from "../../contract/calc-depth.ts";
import { ok } from "../../core/result.ts";
import { type Rout, routFor } from "../../core/size/rout.ts";
import { throughThickness } from "../../core/size/through.ts";
import { type LengthUnit, mm, type Nm, toMm } from "../../core/units/length.ts";
import { say } from "../../core/words/dialect.ts";
import { routWords, throughWords } from "../../core/words/through.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthOut, lengthsIn } from "./lengths.ts";

type Answer = z.output<typeof DepthAnswer>;

export function calcDepth(asked: DepthCase): Outcome<Answer> {
  const { unit, rebateWidth, bed, glass, faceClearance, bead } = asked;
  const given = lengthsIn({ rebateWidth, bed, glass, faceClearance, bead }, unit);
  if (!given.ok) return given;
  const need = given.value as { readonly [K in keyof typeof given.value]-?: Nm };
  const through = throughThickness(need);
  const rout = routIn(asked, need);
  if (!rout.ok) return rout;
  const out = (length: Nm) => lengthOut(length, unit);
  const maybe = (length: Nm | null) => (length === null ? null : out(length));
  const { cures } = through;
  return ok({
    needed: out(through.needed),
    spare: signed(through.spare),
    proud: out(through.proud),
    front: signed(through.front),
    cures: cures && {
      slimmerBead: maybe(cures.slimmerBead),
      thinnerGlass: maybe(cures.thinnerGlass),
      thinnerBed: maybe(cures.thinnerBed),
      widerRebate: out(cures.widerRebate),
    },
    bedToFlush: through.bedToFlush === null ? null : out(through.bedToFlush),
    rout: rout.value && routAnswer(rout.value, unit),
    says: say(
      [throughWords(through, unit, "bead"), ...(rout.value ? [routWords(rout.value, unit)] : [])].join(" "),
      "a",
    ),
    rule: "needed width = bed + glass or unit + face clearance + bead",
    source: "exact sum of the thicknesses",
  });
}

function routIn(
  asked: DepthCase,
  need: {
    readonly bed: Nm;
    readonly glass: Nm;
    readonly faceClearance: Nm;
    readonly bead: Nm;
    readonly rebateWidth: Nm;
  },
): Outcome<Rout | null> {
  if (!asked.rout) return ok(null);
  const { twoSided, ...lengths } = asked.rout;
  const read = lengthsIn(lengths, asked.unit, "rout.");
  if (!read.ok) return read;
  const r = read.value;
  const nought = mm(0);
  return ok(
    routFor({
      ...need,
      unit: need.glass,
      rebateDepth: r.rebateDepth ?? nought,
      depthNeeded: r.depthNeeded ?? nought,
      timber: r.timber ?? nought,
      // One member is asked about: its rebate's side does not matter here.
      faces: r.face === undefined ? {} : { bottom: r.face },
      twoSided,
      leastUpstand: r.leastUpstand ?? nought,
      leastWeb: r.leastWeb ?? nought,
    }),
  );
}

const signed = (length: Nm) => ({ mm: toMm(length), nm: length });

function routAnswer(r: Rout, unit: LengthUnit): Answer["rout"] {
  const web = r.webs[0];
  const part = (p: Rout["width"]) => ({ needed: lengthOut(p.needed, unit), by: lengthOut(p.by, unit) });
  return {
    width: part(r.width),
    depth: part(r.depth),
    upstandLeft: signed(r.upstandLeft),
    upstandHolds: r.upstandHolds,
    webLeft: web ? signed(web.left) : null,
    webHolds: web ? web.holds : null,
    holds: r.holds,
  };
}
