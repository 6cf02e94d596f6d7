import type { z } from "zod";
import type { CustomerFile } from "../contract/customers.ts";
import { sameAddress } from "../core/people/forget.ts";
import { fail, ok } from "../core/result.ts";
import type { Database } from "../db/database.ts";
import { tellingOf } from "../db/forget-customer.ts";
import { loadFirm } from "./firm.ts";
import type { Outcome } from "./http/endpoint.ts";
import { theDatabase } from "./the-database.ts";

/** What is kept of whoever is at an address, for them to have; refused where nothing is known of it. */
export function customerFile(
  { address }: { readonly address: string },
  db: Database = theDatabase(),
): Outcome<z.output<typeof CustomerFile>> {
  const told = tellingOf(db, address);
  const customer = [...loadFirm(db).firm.customers.values()].find((c) => sameAddress(c.address, address));
  if (told.panes.length === 0 && told.entries.length === 0 && !customer)
    return fail({
      status: 404,
      code: "unknown-address",
      message: `Nothing is kept of anybody at ${address}. Look under Find how the address is written.`,
    });
  return ok({
    address: customer?.address ?? address,
    customer: customer ? { name: customer.name, telephone: customer.telephone, keyHolder: customer.keyHolder } : null,
    panes: [...told.panes],
    entries: [...told.entries] as never,
    photos: told.entries.flatMap((e) => (e.kind === "photo.added" ? [`/api/photos/${e.payload.photo}`] : [])),
  });
}
