import type { z } from "zod";
import type { CalcCutting } from "../../contract/calc-cutting.ts";
import { cutOrder, placesOf } from "../../core/cut/cut-order.ts";
import { type CutNode, type CuttingCase, isKept } from "../../core/cut/cutting.ts";
import { planCuts } from "../../core/cut/plan-cuts.ts";
import { leastStrip } from "../../core/cut/score.ts";
import { fail, ok } from "../../core/result.ts";
import type { Outcome } from "../http/endpoint.ts";

type Asked = z.output<NonNullable<typeof CalcCutting.input>>;
type Answered = z.output<typeof CalcCutting.output>;
type Tree = Answered["sheets"][number]["tree"];

const NM = 1_000_000;
const nm = (mm: number): number => Math.round(mm * NM);
const mm = (n: number): number => n / NM;

/** Plans cuts for so long, or for so many rounds. */
export function calcCutting(asked: Asked): Outcome<Answered> {
  const strip = asked.strip ?? leastStrip(asked.thickness);
  const narrow = asked.sheets.find((s) => s.width <= 2 * s.trim || s.height <= 2 * s.trim);
  if (narrow)
    return fail({ code: "all-trim", message: `Sheet ${narrow.id} is nothing but trim. Give a smaller trim.` });
  const pieces = asked.pieces.flatMap((p) => Array.from({ length: p.count }, () => p));
  const c: CuttingCase = {
    sheets: asked.sheets.map((s) => ({ ...s, width: nm(s.width), height: nm(s.height), trim: nm(s.trim) })),
    pieces: pieces.map((p) => ({ id: p.id, width: nm(p.width), height: nm(p.height), turns: p.turns, due: p.due })),
    strip: nm(strip),
    keep: { width: nm(asked.keep.width), height: nm(asked.keep.height) },
  };
  const began = performance.now();
  const progress: Answered["progress"] = [];
  const plan = planCuts(c, {
    seed: asked.seed,
    gone: (n) => (asked.rounds === undefined ? (performance.now() - began) / (asked.seconds * 1000) : n / asked.rounds),
    told: ({ cost, unplaced }) => progress.push({ ms: Math.round(performance.now() - began), cost, unplaced }),
  });
  const idOf = (piece: number): string => pieces[piece]?.id ?? "";
  return ok({
    sheets: plan.sheets.map(({ sheet, root }) => {
      const s = asked.sheets[sheet] as Asked["sheets"][number];
      const from = (p: { x: number; y: number; width: number; height: number }) => ({
        x: mm(p.x) + s.trim,
        y: mm(p.y) + s.trim,
        width: mm(p.width),
        height: mm(p.height),
      });
      const places = placesOf(root);
      return {
        sheet: s.id,
        cost: s.cost,
        tree: treeOf(root, idOf),
        placements: places.flatMap(({ node, place }) =>
          node.kind === "piece" ? [{ piece: idOf(node.piece), turned: node.turned, ...from(place) }] : [],
        ),
        remnants: places.flatMap(({ node, place }) =>
          node.kind === "left" ? [{ kept: isKept(node, c.keep), ...from(place) }] : [],
        ),
        cuts: cutOrder(root).map((cut) => ({ ...cut, at: mm(cut.at), long: mm(cut.long), of: from(cut.of) })),
      };
    }),
    unplaced: plan.unplaced.map(idOf),
    cost: plan.cost,
    bound: plan.bound.cost,
    boundBy: plan.bound.by,
    proved: plan.proved,
    strip,
    rounds: plan.rounds,
    progress: progress.slice(-200),
  });
}

function treeOf(node: CutNode, idOf: (piece: number) => string): Tree {
  const size = { width: mm(node.width), height: mm(node.height) };
  if (node.kind === "piece") return { kind: "piece", ...size, piece: idOf(node.piece), turned: node.turned };
  if (node.kind === "left") return { kind: "left", ...size };
  return { kind: node.kind, ...size, parts: node.parts.map((p) => treeOf(p, idOf)) };
}
