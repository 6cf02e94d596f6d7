import type { z } from "zod";
import type { PackersAnswer, PackersCase } from "../../contract/calc-packers.ts";
import type { ToeHeelAnswer, ToeHeelCase } from "../../contract/calc-toe-heel.ts";
import { straightSides } from "../../core/geometry/sides.ts";
import { fail, ok } from "../../core/result.ts";
import { shorterThanBlock, spotsFor } from "../../core/set/packer-places.ts";
import { MOST_GAP, packerStack } from "../../core/set/packers.ts";
import { addFor, dropFromHeads, liftOf, restsAt } from "../../core/set/toe-heel.ts";
import type { Nm } from "../../core/units/length.ts";
import type { Outcome } from "../http/endpoint.ts";
import { inMm, lengthIn, lengthOut } from "./lengths.ts";

export function calcPackers(asked: PackersCase): Outcome<z.output<typeof PackersAnswer>> {
  const { unit } = asked;
  const box: Nm[] = [];
  for (const [i, piece] of asked.box.entries()) {
    const read = lengthIn(piece, unit, `box.${i}`);
    if (!read.ok) return read;
    box.push(read.value);
  }
  const tolerance = lengthIn(asked.tolerance, unit, "tolerance");
  if (!tolerance.ok) return tolerance;
  const gap = asked.gap === undefined ? null : lengthIn(asked.gap, unit, "gap");
  if (gap && !gap.ok) return gap;
  if (gap && gap.value > MOST_GAP)
    return fail({
      code: "no-gap-for-packers",
      field: "gap",
      message: "No packers make up a gap of more than 100 mm: cut a block for it.",
    });
  const stack = gap ? packerStack(gap.value, box, tolerance.value) : undefined;
  let places: z.output<typeof PackersAnswer>["places"] = [];
  if (asked.pane) {
    const at = inMm(
      { width: asked.pane.width, height: asked.pane.height, corner: asked.corner, length: asked.length },
      unit,
    );
    if (!at.ok) return at;
    if (at.value.width <= 0 || at.value.height <= 0)
      return fail({ code: "no-size", message: "Give the pane's width and height.", field: "pane" });
    if (at.value.length <= 0)
      return fail({ code: "no-block", message: "Give a block that is longer than nothing.", field: "length" });
    const short = shorterThanBlock(at.value.width, at.value.height, at.value.length);
    if (short.length > 0)
      return fail({
        code: "edge-shorter-than-block",
        field: "length",
        message: `A block of ${at.value.length} mm is longer than the pane's edge (${short.join(", ")}): cut it shorter.`,
      });
    const drains: { edge: "bottom" | "top" | "left" | "right"; atMm: number; widthMm: number }[] = [];
    for (const [i, d] of asked.drains.entries()) {
      const read = inMm({ at: d.at, width: d.width }, unit, `drains.${i}.`);
      if (!read.ok) return read;
      drains.push({ edge: d.edge, atMm: read.value.at, widthMm: read.value.width });
    }
    places = [
      ...spotsFor({
        edgesMm: straightSides(at.value.width, at.value.height),
        opens: asked.opens,
        rule: { share: asked.share, cornerMm: at.value.corner, lengthMm: at.value.length },
        drains,
      }),
    ].map((p) => ({ ...p }));
  }
  return ok({
    stack: stack ? { pieces: stack.pieces.map((p) => lengthOut(p, unit)), sum: lengthOut(stack.sum, unit) } : null,
    places,
    rule: "sum within [gap − tolerance, gap], fewest, then larger, then thicker; middle at max(share × edge, corner + half a block), clear of drains; two that would cross are one in the middle",
    source: "the rule itself; figures by house rule",
  });
}

const DEG = 180 / Math.PI;

export function calcToeHeel(asked: ToeHeelCase): Outcome<z.output<typeof ToeHeelAnswer>> {
  const { unit } = asked;
  const size = inMm(asked.sash, unit, "sash.");
  if (!size.ok) return size;
  const sash = { widthMm: size.value.width, heightMm: size.value.height };
  if (sash.widthMm <= 0 || sash.heightMm <= 0)
    return fail({ code: "no-sash", message: "Give the sash's width and height." });
  const heads = asked.heads ? inMm(asked.heads, unit, "heads.") : null;
  if (heads && !heads.ok) return heads;
  const dropMm =
    asked.drop ?? (heads ? dropFromHeads({ hingeMm: heads.value.hinge, handleMm: heads.value.handle }) : undefined);
  if (dropMm === undefined)
    return fail({ code: "no-drop", message: "Give the drop, or the head gaps at hinge and handle." });
  if (Math.abs(dropMm) > sash.widthMm)
    return fail({ code: "drop-too-large", message: "The drop is larger than the sash is wide." });
  const apart = asked.apart ? inMm(asked.apart, unit, "apart.") : null;
  if (apart && !apart.ok) return apart;
  if (apart && (apart.value.dx <= 0 || apart.value.dy <= 0))
    return fail({
      code: "no-distance",
      message: "Packers that stand at one place brace nothing: dx and dy must be more than 0.",
    });
  const pane = asked.pane ? inMm(asked.pane, unit, "pane.") : null;
  if (pane && !pane.ok) return pane;
  const packed = asked.packed ? inMm(asked.packed, unit, "packed.") : null;
  if (packed && !packed.ok) return packed;
  const lift = liftOf(sash, dropMm);
  const between = apart && { dxMm: apart.value.dx, dyMm: apart.value.dy };
  const add = between && addFor(sash, dropMm, between);
  return ok({
    dropMm,
    gammaDeg: lift.gamma * DEG,
    diagonal: {
      hangsMm: lift.diagonal.hangsMm,
      squareMm: lift.diagonal.squareMm,
      lengthenMm: lift.lengthenMm.exact,
      lengthenFirstOrderMm: lift.lengthenMm.firstOrder,
    },
    wrongDiagonal: { ...lift.wrong, squareMm: lift.diagonal.squareMm },
    add: add && { uprightOnlyMm: add.uprightMm, sidewaysOnlyMm: add.sidewaysMm },
    restsAtMm:
      pane && packed && between
        ? restsAt(sash, {
            pane: { widthMm: pane.value.width, heightMm: pane.value.height },
            uprightMm: packed.value.upright,
            sidewaysMm: packed.value.sideways,
            ...between,
          })
        : null,
    rule: "sin γ = s / W; diagonal √(W² + H² − 2Hs) to √(W² + H²)",
    source: "geometry of four bars pinned at their corners",
  });
}
