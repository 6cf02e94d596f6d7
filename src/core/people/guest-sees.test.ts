import { expect, it } from "vitest";
import { Teller } from "../../../tests/support/told.ts";
import { foldFirm } from "../firm/fold-firm.ts";
import { pence } from "../money/pence.ts";
import { mm } from "../units/length.ts";
import { forGuest } from "./guest-sees.ts";

const customer = (address: string) => ({ address, name: `Owner of ${address}`, telephone: "0", keyHolder: "" });
const told = () => {
  const t = new Teller();
  t.tell("customer.kept", customer("No. 5"), {});
  t.tell("customer.kept", customer("No. 90"), {});
  t.tell(
    "supplier.terms",
    { name: "Salt Lane", makes: ["single"], products: [], extras: [], leastPence: pence(0), deliveryPence: pence(0) },
    {},
  );
  t.tell("work.took", { system: "timber-putty", station: "set", step: "bed", minutes: 6, metres: null }, {});
  t.tell("plan.away", { name: "Nell", day: "2026-05-20", away: true, why: "ill" }, {});
  const sheet = { name: "Rack A", widthNm: mm(600), heightNm: mm(900), thicknessNm: mm(4), glass: "float" as const };
  t.tell("stock.pane", { ...sheet, costPence: pence(900) }, {});
  return t;
};

it("leaves out customers of other rounds, terms, minutes and who is away", () => {
  const got = forGuest(told().entries, new Set(["No. 5"]));
  expect(got.map((e) => e.kind)).toEqual(["customer.kept", "stock.pane"]);
  expect(JSON.stringify(got)).not.toMatch(/No\. 90|Salt Lane|ill|900[^0]/);
  expect([...foldFirm(got).customers.keys()]).toEqual(["No. 5"]);
});
it("a sheet lies there still, and nobody says what it cost", () => {
  const [sheet] = foldFirm(forGuest(told().entries, new Set())).stock;
  expect([sheet?.name, sheet?.costPence]).toEqual(["Rack A", undefined]);
});
it("what was struck stays struck, and no other strike goes along", () => {
  const t = told();
  const [mine, other] = t.entries;
  if (!mine || !other) throw new Error("nobody");
  t.strike(mine, "moved away");
  t.strike(other, "a word about somebody else");
  const got = forGuest(t.entries, new Set(["No. 5"]));
  expect(foldFirm(got).customers.size).toBe(0);
  expect(JSON.stringify(got)).not.toContain("somebody else");
});
