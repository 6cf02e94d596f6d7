import { z } from "zod";
import { ReadEntrySchema } from "./entry.ts";
import { route } from "./route.ts";

const MOST_ADDRESS = 200;

export const CustomerFile = z
  .strictObject({
    address: z.string(),
    customer: z.strictObject({ name: z.string(), telephone: z.string(), keyHolder: z.string() }).nullable(),
    panes: z.array(z.uuid()).meta({ description: "The panes at this address." }),
    entries: z.array(ReadEntrySchema).meta({ description: "Every entry that tells of whoever is there." }),
    photos: z.array(z.string()).meta({ description: "Paths of the pictures taken there." }),
  })
  .meta({ id: "CustomerFile" });

export const GetCustomer = route({
  method: "get",
  path: "/api/customers",
  says: "All that is kept of whoever is at an address: names, telephones, notes, photos.",
  more: "Query: `address`. To take it out of the log, write an entry `customer.forgotten` with that address: rows are written over in the file, photos deleted, and devices do the same when they next agree. Sizes, days and choices stay. Copies made before keep it until they are replaced.",
  input: z.strictObject({ address: z.string().trim().min(1).max(MOST_ADDRESS) }),
  output: CustomerFile,
});
