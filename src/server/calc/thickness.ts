import type { z } from "zod";
import type { ThicknessAnswer, ThicknessCase } from "../../contract/calc-thickness.ts";
import { thicknessFrom } from "../../core/measure/thickness.ts";
import { fail, ok } from "../../core/result.ts";
import { stacksFor } from "../../core/specify/stack.ts";
import { say } from "../../core/words/dialect.ts";
import { conflictWords } from "../../core/words/opening.ts";
import type { Outcome } from "../http/endpoint.ts";
import { lengthOut, lengthsIn } from "./lengths.ts";
import { stacksOut } from "./stacks-out.ts";

export function calcThickness(asked: ThicknessCase): Outcome<z.output<typeof ThicknessAnswer>> {
  const { unit } = asked;
  const { overall, pane, farPane, overallError, paneError } = asked;
  const given = lengthsIn({ overall, pane, farPane, overallError, paneError }, unit);
  if (!given.ok) return given;
  const slip = lengthsIn(asked.slip ?? {}, unit, "slip.");
  if (!slip.ok) return slip;
  const read = thicknessFrom(
    known({
      "unit-thickness": given.value.overall,
      "pane-thickness": given.value.pane,
      "pane-thickness-far": given.value.farPane,
      "slip-far": slip.value.far,
      "slip-near": slip.value.near,
      "slip-stop": slip.value.stop,
      "bed-under": slip.value.bed,
    }),
  );
  if (read.overall === null && read.conflicts.length === 0)
    return fail({
      code: "needs-overall",
      message: "Give the overall thickness, or the far mark on the slip of wood.",
      field: "overall",
    });
  const stacks =
    read.overall === null
      ? []
      : stacksFor({
          overall: read.overall,
          panes: read.panes,
          count: asked.panes,
          overallError: given.value.overallError ?? read.overall,
          paneError: given.value.paneError ?? read.overall,
        });
  const out = (length: Parameters<typeof lengthOut>[0]) => lengthOut(length, unit);
  return ok({
    overall: read.overall === null ? null : out(read.overall),
    by: read.by,
    bySlip: read.bySlip === null ? null : out(read.bySlip),
    panes: read.panes.map(out),
    room: read.room === null ? null : out(read.room),
    stacks: stacksOut(stacks.slice(0, asked.most), unit),
    possible: stacks.length,
    conflicts: read.conflicts.map((c) => ({ kind: c.kind, says: say(conflictWords(c, unit), "a") })),
    rule: "overall = far mark less bed; a pane is the difference of its two marks; a stack is possible within the readings' errors",
    source: "panes and spacers as they are made",
  });
}

/** Leaves out what was not given. */
const known = <T extends object>(read: T) =>
  Object.fromEntries(Object.entries(read).filter(([, v]) => v !== undefined)) as {
    [K in keyof T]?: Exclude<T[K], undefined>;
  };
