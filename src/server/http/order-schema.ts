import type { APIRoute } from "astro";
import { z } from "zod";
import { NoteFile, OrderFile } from "../../contract/order-file.ts";
import { answer } from "./answer.ts";

/** The JSON Schema of an order as a file, and of a delivery note. */
export const orderSchema: APIRoute = () =>
  answer({ order: z.toJSONSchema(OrderFile, { io: "input" }), note: z.toJSONSchema(NoteFile, { io: "input" }) });
