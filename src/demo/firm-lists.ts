import { pence } from "../core/money/pence.ts";
import type { GlassKind } from "../core/specify/glass.ts";
import { inches, mm } from "../core/units/length.ts";
import type { Story } from "./story.ts";

/** The made-up firm as it stands on its papers, and one of its customers. */
export function tellFirm(story: Story): void {
  story.tell("bench.cutter", {}, { name: "blue, oil", offsetNm: mm(2.4) });
  story.tell(
    "firm.details",
    {},
    {
      name: "Harrow and Tolley, glaziers",
      address: "2 Ropewalk Yard, Ottermole",
      telephone: "01632 960 018",
      mail: "bench@harrow-tolley.example",
      taxNumber: "",
    },
  );
  story.tell(
    "customer.kept",
    {},
    { address: "Reading room", name: "Wren Alder, warden", telephone: "01632 960 012", keyHolder: "No. 4" },
  );
}

/** What the made-up firm has on its shelf, and the inserts it buys. */
export function tellLists(story: Story): void {
  const pane = (
    name: string,
    width: number,
    height: number,
    cost: number,
    thickness = 4,
    glass: GlassKind = "float",
    least?: number,
  ) =>
    story.tell(
      "stock.pane",
      {},
      {
        name,
        widthNm: mm(width),
        heightNm: mm(height),
        thicknessNm: mm(thickness),
        glass,
        costPence: pence(cost),
        slot: name.slice(0, 6),
        ...(least && { least }),
      },
    );
  pane("Rack A, 610 by 915", 610, 915, 550);
  pane("Rack A, 450 by 600", 450, 600, 260, 4, "float", 3);
  pane("Rack B, sheet 1200 by 900", 1200, 900, 1050);
  const sheet = (name: string, width: number, height: number, cost: number, slot: string) =>
    story.tell(
      "stock.pane",
      {},
      {
        name,
        widthNm: mm(width),
        heightNm: mm(height),
        thicknessNm: mm(4),
        glass: "float",
        bought: true,
        costPence: pence(cost),
        slot,
        trimNm: mm(10),
      },
    );
  sheet("Float sheet 3210 by 2250", 3210, 2250, 7200, "stand 1");
  pane("Rack C, 6.4 laminated 900 by 600", 900, 600, 1680, 6.4, "laminated");
  const insert = (family: string, outside: readonly [number, number], seen: readonly [number, number]) =>
    story.tell(
      "stock.insert",
      {},
      {
        family,
        outsideWidthNm: inches(outside[0]),
        outsideHeightNm: inches(outside[1]),
        seenWidthNm: inches(seen[0]),
        seenHeightNm: inches(seen[1]),
        doorFromNm: inches(1, 11, 16),
        doorToNm: inches(1, 13, 16),
      },
    );
  insert("Heronsgate", [22, 36], [20, 34]);
  insert("Heronsgate", [22, 48], [20, 46]);
  insert("Tern Quay", [24, 38], [22, 36]);
  insert("Tern Quay slim", [9, 66], [7, 64]);
}
