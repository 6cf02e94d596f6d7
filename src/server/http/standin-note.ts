import type { APIRoute } from "astro";
import Papa from "papaparse";
import { safeCell } from "../../core/round/safe-cell.ts";
import { standinState } from "../standin-supplier.ts";
import { problem } from "./answer.ts";

/** The simulated supplier's delivery note as CSV, as suppliers send them: sizes in millimetres. */
export const standinNote: APIRoute = ({ params }) => {
  const state = standinState(params["key"] ?? "");
  if (!state?.delivered)
    return problem(404, {
      code: "not-delivered",
      message: "Nothing was delivered under this key yet. Ask how it stands.",
    });
  const rows = state.delivered.lines.map((l) => ({
    line: l.line,
    "width mm": l.widthNm / 1e6,
    "height mm": l.heightNm / 1e6,
    "thickness mm": l.thicknessNm / 1e6,
    says: safeCell(l.says),
  }));
  return new Response(`${Papa.unparse(rows, { newline: "\r\n", quotes: true })}\r\n`, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": `attachment; filename="note-${state.theirs}.csv"`,
      "cache-control": "no-store",
    },
  });
};
