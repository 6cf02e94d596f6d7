import type { APIRoute } from "astro";
import { type OrderBook, standingLines } from "../../core/pane/order-book.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { labelsPdf } from "../documents/labels-pdf.ts";
import { orderPdf } from "../documents/order-pdf.ts";
import { orderText } from "../documents/order-text.ts";
import { templateDxf, templateSvg } from "../documents/template.ts";
import { loadFirm } from "../firm.ts";
import { orderCsv, orderJson } from "../order-files.ts";
import { orderSheet } from "../order-page.ts";
import { readPrefs } from "../prefs.ts";
import { publicOrigin } from "../public-origin.ts";
import { theDatabase } from "../the-database.ts";
import { problem } from "./answer.ts";
import { labelsOn } from "./labels-on.ts";

type Made = { readonly body: string | Buffer; readonly type: string; readonly name: string; readonly show?: boolean };
type Make = (order: {
  readonly order: OrderBook;
  readonly prefs: Prefs;
  readonly origin: string;
  readonly asked: URLSearchParams;
}) => Made | Promise<Made>;

/** Every file that an order can be had as. */
const FILES = {
  csv: ({ order, prefs }) => ({
    body: `\ufeff${orderCsv(order, prefs)}`,
    type: "text/csv; charset=utf-8",
    name: "order.csv",
  }),
  json: ({ order }) => ({
    body: `${JSON.stringify(orderJson(order), null, 2)}\n`,
    type: "application/json; charset=utf-8",
    name: "order.json",
  }),
  text: ({ order, prefs }) => ({
    body: orderText(order, prefs),
    type: "text/plain; charset=utf-8",
    name: "order.txt",
    show: true,
  }),
  pdf: async ({ order, prefs }) => ({
    body: await orderPdf(order, prefs, loadFirm(theDatabase()).firm.details),
    type: "application/pdf",
    name: "order.pdf",
    show: true,
  }),
  labels: async ({ order, prefs, origin, asked }) => ({
    body: await labelsPdf(order, prefs, origin, labelsOn(asked)),
    type: "application/pdf",
    name: "labels.pdf",
    show: true,
  }),
} satisfies Readonly<Record<string, Make>>;

const unknown = (what: string, id: string | undefined): Response =>
  problem(404, { code: "unknown-id", message: `There is no ${what} ${id}. See /orders for those there are.` });

const answer = (made: Made, reference: string): Response =>
  new Response(typeof made.body === "string" ? made.body : new Uint8Array(made.body), {
    headers: {
      "content-type": made.type,
      "content-disposition": `${made.show ? "inline" : "attachment"}; filename="${named(reference, made.name)}"`,
      "cache-control": "no-store",
    },
  });

const named = (reference: string, file: string): string =>
  file.replace(/^order/, `order-${reference.replace(/[^A-Za-z0-9-]+/g, "-").slice(0, 40) || "sheet"}`);

/** One order as a file, in the reader's unit and words. */
export const orderDownload =
  (file: keyof typeof FILES): APIRoute =>
  async ({ params, cookies, request, url }) => {
    const found = orderSheet(params["id"] ?? "");
    if (!found) return unknown("order", params["id"]);
    const made = await FILES[file]({
      order: found.order,
      prefs: readPrefs(cookies),
      origin: publicOrigin(request),
      asked: url.searchParams,
    });
    return answer(made, found.order.reference);
  };

/** A shaped pane's template, by its line. */
export const templateDownload =
  (ending: "dxf" | "svg"): APIRoute =>
  ({ params }) => {
    const found = orderSheet(params["id"] ?? "");
    const line = found && standingLines(found.order).find((l) => l.line === params["line"]);
    if (!line) return unknown("line", params["line"]);
    if (!line.corners)
      return problem(404, { code: "not-shaped", message: "This pane is a true rectangle: it needs no template." });
    return answer(
      ending === "dxf"
        ? { body: templateDxf(line.corners), type: "image/vnd.dxf", name: "template.dxf" }
        : { body: templateSvg(line.corners, line.label), type: "image/svg+xml", name: "template.svg" },
      found.order.reference,
    );
  };
