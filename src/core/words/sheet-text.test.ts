import { expect, it } from "vitest";
import { mm } from "../units/length.ts";
import { sheetText } from "./glass.ts";

it.each<[Parameters<typeof sheetText>[0], "mm" | "in", string]>([
  [{ thicknessNm: mm(4), glass: "float" }, "mm", "4 mm clear float"],
  [{ thicknessNm: mm(4), glass: "float", pattern: "", tint: "" }, "mm", "4 mm clear float"],
  [
    { thicknessNm: mm(4), glass: "patterned", pattern: "reeded", tint: "bronze" },
    "mm",
    "4 mm bronze patterned, reeded",
  ],
  [{ thicknessNm: 6_350_000, glass: "float" }, "in", "1/4 in clear float"],
])("%o in %s: %s", (given, unit, says) => expect(sheetText(given, { dialect: "a", unit })).toBe(says));
