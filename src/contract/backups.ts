import { z } from "zod";
import { route } from "./route.ts";

const Copy = z
  .strictObject({ name: z.string(), day: z.string(), bytes: z.int() })
  .meta({ id: "FirmCopy", description: "A copy of the firm's file, photos included." });

export const PostBackup = route({
  method: "post",
  path: "/api/backups",
  says: "Makes a copy of the firm's file while it is in use, opens the copy and checks it.",
  more: "By SQLite's online backup, photos included. The newest so many are kept beside the file; one is made each day by itself.",
  input: z.strictObject({}),
  output: z.strictObject({ name: z.string(), bytes: z.int(), entries: z.int(), photos: z.int() }),
});

export const GetBackups = route({
  method: "get",
  path: "/api/backups",
  says: "The copies there are, the newest first.",
  input: z.strictObject({}),
  output: z.array(Copy),
});
