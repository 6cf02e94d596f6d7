import type { APIRoute } from "astro";
import { orderCsv, orderJson } from "../order-files.ts";
import { orderSheet } from "../order-page.ts";
import { readPrefs } from "../prefs.ts";
import { problem } from "./answer.ts";

const named = (reference: string, ending: string): string =>
  `attachment; filename="order-${reference.replace(/[^A-Za-z0-9-]+/g, "-").slice(0, 40) || "sheet"}.${ending}"`;

/** The lines of one order as a file, in the reader's unit and words. */
export const orderDownload =
  (ending: "csv" | "json"): APIRoute =>
  ({ params, cookies }) => {
    const found = orderSheet(params["id"] ?? "");
    if (!found)
      return problem(404, {
        code: "unknown-id",
        message: `There is no order ${params["id"]}. See /orders for those there are.`,
      });
    const body =
      ending === "csv"
        ? `\ufeff${orderCsv(found.order, readPrefs(cookies))}`
        : `${JSON.stringify(orderJson(found.order), null, 2)}\n`;
    return new Response(body, {
      headers: {
        "content-type": ending === "csv" ? "text/csv; charset=utf-8" : "application/json; charset=utf-8",
        "content-disposition": named(found.order.reference, ending),
        "cache-control": "no-store",
      },
    });
  };
