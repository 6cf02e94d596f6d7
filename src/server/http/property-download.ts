import type { APIRoute } from "astro";
import { propertyPdf } from "../documents/property-pdf.ts";
import { readPrefs } from "../prefs.ts";
import { propertyFile, propertyJson } from "../property.ts";
import { problem } from "./answer.ts";

const MOST_ADDRESS = 120;

/** All that is known of the windows at an address, as a paper or for another program. */
const download =
  (as: "pdf" | "json"): APIRoute =>
  async ({ url, cookies }) => {
    const address = (url.searchParams.get("address") ?? "").slice(0, MOST_ADDRESS);
    const prefs = readPrefs(cookies);
    const property = propertyFile(address, prefs);
    if (!property)
      return problem(404, {
        code: "unknown-address",
        message:
          address === ""
            ? "Say which address: ?address=20 Beech Road."
            : `No window at ${address} is known. See /search for those that are.`,
      });
    const headers = {
      "content-type": as === "pdf" ? "application/pdf" : "application/json; charset=utf-8",
      "content-disposition": `${as === "pdf" ? "inline" : "attachment"}; filename="windows.${as}"`,
      "cache-control": "no-store",
    };
    return as === "pdf"
      ? new Response(new Uint8Array(await propertyPdf(property, prefs)), { headers })
      : new Response(JSON.stringify(propertyJson(property), null, 2), { headers });
  };

export const propertyPaper = download("pdf");
export const propertyData = download("json");
