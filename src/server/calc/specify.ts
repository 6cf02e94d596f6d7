import type { z } from "zod";
import type { BalanceAnswer, BalanceCase } from "../../contract/calc-balance.ts";
import type { HeatAnswer, HeatCase } from "../../contract/calc-heat.ts";
import type { MassAnswer, MassCase } from "../../contract/calc-mass.ts";
import type { PlateAnswer, PlateCase } from "../../contract/calc-plate.ts";
import type { SafetyAnswer, SafetyCase } from "../../contract/calc-safety.ts";
import type { StackAnswer, StackCase } from "../../contract/calc-stack.ts";
import { SPECIAL_FACTS } from "../../core/look/special.ts";
import { fail, ok } from "../../core/result.ts";
import { balanceFor, weightLength } from "../../core/specify/balance.ts";
import { type Glazing, glazingText, heatOf } from "../../core/specify/glazing.ts";
import { dewPoint, surfaceOf } from "../../core/specify/heat.ts";
import { cupsFor, liftOf, paneMass } from "../../core/specify/mass.ts";
import { plateCheck } from "../../core/specify/plate.ts";
import { safetyOf } from "../../core/specify/safety.ts";
import { stacksFor } from "../../core/specify/stack.ts";
import { type LengthUnit, type Nm, toMm } from "../../core/units/length.ts";
import { KG_PER_LB } from "../../core/units/mass.ts";
import { say } from "../../core/words/dialect.ts";
import { stackText } from "../../core/words/opening.ts";
import { percent } from "../../core/words/percent.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthsIn } from "./lengths.ts";
import { stacksOut } from "./stacks-out.ts";

type Lengths = Parameters<typeof lengthsIn>[0];

/** A list of lengths, each named by its place where it cannot be read. */
function listIn(lengths: readonly Lengths[string][], unit: LengthUnit, name: string): Outcome<readonly Nm[]> {
  const read = lengthsIn(Object.fromEntries(lengths.map((l, i) => [String(i), l])), unit, `${name}.`);
  if (!read.ok) return read;
  return ok(lengths.flatMap((_, i) => read.value[String(i)] ?? []));
}

const positive = (lengths: readonly Nm[]): boolean => lengths.every((l) => l > 0);

export function calcHeat(asked: HeatCase): Outcome<z.output<typeof HeatAnswer>> {
  const panes = listIn(asked.panes, asked.unit, "panes");
  if (!panes.ok) return panes;
  const widths = listIn(
    asked.cavities.map((c) => c.width),
    asked.unit,
    "cavities",
  );
  if (!widths.ok) return widths;
  if (asked.cavities.length !== asked.panes.length - 1)
    return fail({
      code: "cavities-do-not-fit",
      message: `${asked.panes.length} panes have ${asked.panes.length - 1} cavities between them; this gives ${asked.cavities.length}.`,
      field: "cavities",
    });
  if (!positive(panes.value) || !positive(widths.value))
    return fail({
      code: "no-thickness",
      message: "Give every pane and cavity a thickness above nothing.",
      field: "panes",
    });
  const g: Glazing = {
    panesMm: panes.value.map(toMm),
    cavities: asked.cavities.map((c, i) => ({ widthMm: toMm(widths.value[i] as Nm), gas: c.gas, fill: c.fill })),
    coatings: asked.coatings,
  };
  const twice = asked.coatings.find((c, i) => asked.coatings.findIndex((o) => o.face === c.face) < i);
  if (twice)
    return fail({
      code: "coated-twice",
      message: `Face ${twice.face} is coated twice: a face has one coating.`,
      field: "coatings",
    });
  if (asked.coatings.some((c) => c.face > 2 * asked.panes.length))
    return fail({
      code: "no-such-face",
      message: `${asked.panes.length} panes have ${2 * asked.panes.length} faces, counted from outside.`,
      field: "coatings",
    });
  const heat = heatOf(g);
  const surface = surfaceOf(heat, asked.insideC, asked.outsideC);
  const dew = dewPoint(asked.insideC, asked.humidity);
  return ok({
    heat,
    heatToOneDecimal: Math.round(heat * 10) / 10,
    surfaceC: surface.celsius,
    dewPointC: dew,
    wet: surface.celsius <= dew,
    dryUpTo: surface.dryUpTo,
    text: glazingText(g),
    says: `${glazingText(g)}: ${heat.toFixed(1)} W/m²K at the centre; its room face is at ${surface.celsius.toFixed(1)} °C, dry up to ${percent(surface.dryUpTo)} humidity. The edge is colder.`,
    rule: "heat loss at the centre, upright glass",
    source: "EN 673:2011; dew point by Magnus",
  });
}

export function calcStack(asked: StackCase): Outcome<z.output<typeof StackAnswer>> {
  const given = lengthsIn(
    { overall: asked.overall, overallError: asked.overallError, paneError: asked.paneError },
    asked.unit,
  );
  if (!given.ok) return given;
  const panes = listIn(asked.panes, asked.unit, "panes");
  if (!panes.ok) return panes;
  const { overall, overallError, paneError } = given.value as Record<"overall" | "overallError" | "paneError", Nm>;
  const stacks = stacksFor({ overall, panes: panes.value, count: asked.count, overallError, paneError });
  return ok({
    stacks: stacksOut(stacks.slice(0, asked.most), asked.unit),
    possible: stacks.length,
    says: stacks[0]
      ? `Likeliest: ${stackText(stacks[0])}.`
      : "No unit that is made is as thick as this: feel it again.",
    rule: "panes and spacers that are made, within the readings' errors, by squared differences over them",
    source: "metric and inch makes",
  });
}

export function calcSafety(asked: SafetyCase): Outcome<z.output<typeof SafetyAnswer>> {
  const { width, height, sillHeight, doorDistance, noDoorWithin } = asked;
  const given = lengthsIn({ width, height, sillHeight, doorDistance, noDoorWithin }, asked.unit);
  if (!given.ok) return given;
  const by = {
    rule: `rule set ${asked.set}`,
    source: "house rule figures; guidance only, the local code decides",
  };
  if (asked.special.length > 0)
    return ok({
      verdict: "ask-licensed",
      because: asked.special.join(", "),
      missing: [],
      kinds: [],
      ask: asked.special.map((s) => SPECIAL_FACTS[s].who),
      says: `Not decided here: ask ${asked.special.map((s) => SPECIAL_FACTS[s].who).join(", and ")}.`,
      ...by,
    });
  const r = given.value;
  const v = safetyOf(asked.set, {
    inDoor: asked.inDoor,
    wetRoom: asked.wetRoom,
    stairs: asked.stairs,
    walkway: asked.walkway,
    sillHeight: r.sillHeight ?? null,
    doorDistance: r.doorDistance ?? null,
    noDoorWithin: r.noDoorWithin ?? null,
    width: r.width as Nm,
    height: r.height as Nm,
  });
  const kinds =
    v.kind === "needed" ? (asked.cutOnSite ? (["laminated"] as const) : (["toughened", "laminated"] as const)) : [];
  return ok({
    verdict: v.kind,
    because: v.kind === "not-known" ? null : v.because,
    missing: v.kind === "not-known" ? [...v.missing] : [],
    kinds: [...kinds],
    ask: [],
    says: say(
      v.kind === "not-known"
        ? `Not known until ${v.missing.join(" and ").replaceAll("-", " ")} is read.`
        : v.kind === "needed"
          ? `Safety glass is called for: ${v.because.replaceAll("-", " ")}.${asked.cutOnSite ? " {Toughened} cannot be cut after: laminated." : ""}`
          : v.kind === "small-pane-6mm"
            ? "A small pane in a safety zone: 6 mm ordinary or safety glass."
            : `Ordinary glass will do by this rule set: ${v.because.replaceAll("-", " ")}.`,
      "a",
    ),
    ...by,
  });
}

export function calcPlate(asked: PlateCase): Outcome<z.output<typeof PlateAnswer>> {
  const given = lengthsIn({ width: asked.width, height: asked.height, thickness: asked.thickness }, asked.unit);
  if (!given.ok) return given;
  const { width, height, thickness } = given.value as Record<"width" | "height" | "thickness", Nm>;
  if (!positive([width, height, thickness]))
    return fail({ code: "no-size", message: "Give width, height and thickness above nothing.", field: "thickness" });
  const p = plateCheck({
    widthMm: toMm(width),
    heightMm: toMm(height),
    thicknessMm: toMm(thickness),
    loadKpa: asked.loadKpa,
    kind: asked.kind,
  });
  const strengthMpa = asked.strengthMpa ?? p.strengthMpa;
  const holds = p.stressMpa <= strengthMpa && p.deflectionMm <= p.deflectionLimitMm;
  return ok({
    ...p,
    strengthMpa,
    holds,
    says: `${p.stressMpa.toFixed(1)} of ${strengthMpa.toFixed(1)} MPa, ${p.deflectionMm.toFixed(1)} of ${p.deflectionLimitMm.toFixed(1)} mm: ${holds ? "it holds" : "too thin"}.${p.overstated ? " It bends more than half its thickness: linear theory overstates." : ""} Indicative only.`,
    rule: "thin plate on four edges, uniform load, Lévy's series",
    source: "EN 16612 values; indicative, never a design",
  });
}

export function calcMass(asked: MassCase): Outcome<z.output<typeof MassAnswer>> {
  const given = lengthsIn({ width: asked.width, height: asked.height }, asked.unit);
  if (!given.ok) return given;
  const panes = listIn(asked.panes, asked.unit, "panes");
  if (!panes.ok) return panes;
  const { width, height } = given.value as Record<"width" | "height", Nm>;
  if (!positive([width, height, ...panes.value]))
    return fail({ code: "no-size", message: "Give width, height and each pane above nothing.", field: "panes" });
  const sheets = panes.value.map(toMm);
  const kg = paneMass(toMm(width), toMm(height), sheets);
  const areaM2 = (toMm(width) * toMm(height)) / 1e6;
  const lift = liftOf(kg, areaM2, asked);
  return ok({
    kg,
    lb: kg / KG_PER_LB,
    kgPerM2: kg / areaM2,
    areaM2,
    lift: lift === 1 ? "one" : lift === 2 ? "two" : "machine",
    cups: lift === 2 ? cupsFor(kg, asked.cupKg) : null,
    says: `${kg.toFixed(1)} kg: ${lift === 1 ? "one lifts it" : lift === 2 ? `two with ${cupsFor(kg, asked.cupKg)} rated cups` : "a machine, and someone trained to use it"}.`,
    rule: "2.5 kg for each m² and mm; limits within",
    source: "EN 572-1 density of glass; lifting limits of the house",
  });
}

export function calcBalance(asked: BalanceCase): Outcome<z.output<typeof BalanceAnswer>> {
  const given = lengthsIn({ diameter: asked.diameter }, asked.unit);
  if (!given.ok) return given;
  const diameter = given.value.diameter as Nm;
  if (diameter <= 0)
    return fail({ code: "no-size", message: "Give the weight's diameter above nothing.", field: "diameter" });
  if (asked.oldGlassKg > asked.sashKg)
    return fail({
      code: "glass-heavier",
      message: "The old glass cannot weigh more than the whole sash.",
      field: "oldGlassKg",
    });
  const b = balanceFor(asked);
  const newSashKg = asked.sashKg - asked.oldGlassKg + asked.newGlassKg;
  if (b.before < 0 || b.after < 0)
    return fail({
      code: "too-light",
      message: `So light a sash wants no weights: half of it is less than the ${asked.offKg} kg that each is lighter. Give the whole sash's mass, or less in offKg.`,
      field: "sashKg",
    });
  const lengthMm = b.change > 0 ? weightLength(b.change, asked.metal, toMm(diameter)) : 0;
  return ok({
    beforeKg: b.before,
    afterKg: b.after,
    changeKg: b.change,
    newSashKg,
    lengthMm,
    springKg: newSashKg,
    says: `Each weight from ${b.before.toFixed(2)} to ${b.after.toFixed(2)} kg: ${b.change >= 0 ? `add ${b.change.toFixed(2)}` : `take off ${(-b.change).toFixed(2)}`} kg${lengthMm > 0 ? `, ${lengthMm.toFixed(0)} mm of ${toMm(diameter)} mm ${asked.metal}` : ""}.`,
    rule: "half the sash each, an upper a little heavy, a lower a little light",
    source: "trade practice; densities of the metals",
  });
}
