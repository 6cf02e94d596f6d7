import type { z } from "zod";
import type { PaneCase, SizedPane } from "../../contract/panes.ts";
import { withFirm } from "../../core/firm/firm.ts";
import type { Entry, EntryOf, Kind, Payloads } from "../../core/log/kinds.ts";
import { foldPane } from "../../core/pane/book.ts";
import { reckon } from "../../core/pane/reckoning.ts";
import { fail, ok } from "../../core/result.ts";
import { sharedFindBest } from "../../core/size/shared-best.ts";
import type { Written } from "../../core/tape/written.ts";
import { sizedPane } from "../../core/words/whole-pane.ts";
import { loadFirm } from "../firm.ts";
import type { Outcome } from "../http/endpoint.ts";
import { theDatabase } from "../the-database.ts";

const PANE = "case";

/** A pane as it is told, sized by the same function as its page: it is written down as entries, and folded. */
export function calcPane(asked: PaneCase): Outcome<z.output<typeof SizedPane>> {
  const { entries, firm } = { entries: entriesFor(asked), firm: loadFirm(theDatabase()).firm };
  const book = foldPane(PANE, entries);
  if (!book) return fail({ code: "no-pane", message: "Give at least one reading." });
  const sized = sizedPane(book, reckon(book, withFirm(firm, sharedFindBest)), asked);
  // Parsed as the page has it: a copy, so that nothing that is read-only here is handed on.
  return ok(structuredClone(sized) as z.output<typeof SizedPane>);
}

function entriesFor(asked: PaneCase): readonly Entry[] {
  const entries: Entry[] = [];
  const tell = <K extends Kind>(kind: K, payload: Payloads[K]): void => {
    const n = entries.length;
    const at = new Date(n * 1000).toISOString();
    const entry: EntryOf<K> = { id: String(n).padStart(6, "0"), at, who: "", about: { pane: PANE }, kind, payload };
    entries.push(entry as unknown as Entry);
  };
  tell("pane.added", { round: "", address: "", opening: "", light: "", system: asked.system, side: "outside" });
  if (asked.damage.length > 0) tell("look.damage", { damage: asked.damage });
  tell("measure.way", { way: asked.way });
  if (asked.sits) tell("measure.sits", { sits: asked.sits });
  if (asked.shape) tell("measure.shape", { shape: asked.shape });
  for (const [place, read] of Object.entries(asked.readings)) {
    if (read === undefined) continue;
    const written: Written = typeof read === "string" ? { text: read, unit: asked.unit } : read;
    tell("measure.reading", { place: place as keyof PaneCase["readings"], ...written });
    const stood = asked.stoodBy.find((p) => p === place);
    if (stood) tell("measure.stood-by", { place: stood, text: written.text });
  }
  if (asked.glass) tell("specify.glass", asked.glass);
  if (asked.makeup) tell("specify.makeup", { makeup: asked.makeup });
  if (asked.school || asked.off || asked.grid || asked.hold) {
    // The tape that read the opening chooses the grid, not the unit its sizes are shown in.
    const [first] = Object.values(asked.readings).filter((r) => r !== undefined);
    const tape = typeof first === "object" ? first.unit : asked.unit;
    tell("size.rule", {
      school: asked.school ?? (asked.off ? "own" : "best-odds"),
      off: asked.off ?? null,
      grid: asked.grid ?? (tape === "mm" ? "1 mm" : "1/16 in"),
      ...(asked.hold ? { hold: asked.hold } : {}),
    });
  }
  return entries;
}
