import type { Firm } from "../firm/firm.ts";
import type { TakenTwice } from "../firm/taken-twice.ts";
import type { StockPane } from "../house/stock.ts";
import { type Day, dayOf } from "../units/day.ts";

/** Something that lies in the rack, and when it was last counted. */
export type RackPiece = {
  readonly piece: StockPane;
  readonly counted: { readonly day: Day; readonly who: string } | null;
};

export type RackPageData = {
  /** Slot by slot, as somebody walks along; what has no slot last. */
  readonly slots: readonly { readonly slot: string; readonly pieces: readonly RackPiece[] }[];
  /** Of which there is less than the firm keeps, and how many are wanted. */
  readonly toBuy: readonly { readonly piece: StockPane; readonly more: number }[];
  /** The whole list, what is bought as needed too. */
  readonly all: readonly StockPane[];
  /** What two people took, each not knowing of the other. */
  readonly takenTwice: readonly TakenTwice[];
  readonly today: number;
};

/** What lies in the rack and can be counted, the largest of a slot first; what is bought as it is needed lies nowhere. */
export function composeRack(firm: Pick<Firm, "stock" | "counted" | "takenTwice">, today: Day): RackPageData {
  const here = firm.stock.filter((s) => !s.bought && s.count !== 0);
  const names = [...new Set(here.map((s) => s.slot ?? ""))].sort((a, b) =>
    a === "" ? 1 : b === "" ? -1 : a.localeCompare(b, "en", { numeric: true }),
  );
  const size = (s: StockPane): number => s.widthNm * s.heightNm;
  return {
    slots: names.map((slot) => ({
      slot,
      pieces: here
        .filter((s) => (s.slot ?? "") === slot)
        .sort((a, b) => size(b) - size(a) || a.name.localeCompare(b.name))
        .map((piece) => {
          const at = firm.counted.get(piece.name);
          return { piece, counted: at ? { day: dayOf(at.day), who: at.who } : null };
        }),
    })),
    toBuy: firm.stock.flatMap((piece) => {
      const more = piece.bought ? 0 : (piece.least ?? 0) - (piece.count ?? 1);
      return more > 0 ? [{ piece, more }] : [];
    }),
    all: firm.stock,
    takenTwice: firm.takenTwice,
    today,
  };
}
