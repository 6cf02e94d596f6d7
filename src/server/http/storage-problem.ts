import { FileGone } from "../../db/database.ts";

export type StorageProblem = { readonly status: number; readonly code: string; readonly message: string };

type Told = { readonly starts: string } & StorageProblem;

/** By how SQLite names what is wrong with the file or the disk under it. Source: sqlite.org/rescode.html */
const TOLD: readonly Told[] = [
  {
    starts: "SQLITE_FULL",
    status: 507,
    code: "disk-full",
    message:
      "The server's disk is full: nothing more can be kept there. Make room on it; what waits goes out by itself.",
  },
  {
    starts: "SQLITE_READONLY",
    status: 503,
    code: "read-only",
    message:
      "The firm's file has become read-only, so nothing was stored. Let the server write it, then start it again.",
  },
  {
    starts: "SQLITE_BUSY",
    status: 503,
    code: "busy",
    message: "Another program holds the firm's file. Nothing was stored; it is tried again.",
  },
  {
    starts: "SQLITE_CORRUPT",
    status: 500,
    code: "damaged",
    message: "The firm's file is damaged. Stop the server, and bring the newest good copy back with npm run restore.",
  },
  {
    starts: "SQLITE_NOTADB",
    status: 500,
    code: "damaged",
    message: "The firm's file is no database any more. Stop the server, and bring a copy back with npm run restore.",
  },
  {
    starts: "SQLITE_IOERR",
    status: 503,
    code: "disk-fails",
    message:
      "The server's disk could not be read or written. Nothing was stored. Look at the disk, then start it again.",
  },
  {
    starts: "SQLITE_CANTOPEN",
    status: 503,
    code: "file-gone",
    message: "The firm's file cannot be opened. Nothing was stored. Put it back, then start the server again.",
  },
];

/** What is wrong with the file under an error, in a sentence; null where it is something else. */
export function storageProblem(error: unknown): StorageProblem | null {
  for (let at: unknown = error, deep = 0; at instanceof Error && deep < 5; at = at.cause, deep++) {
    if (at instanceof FileGone)
      return {
        status: 503,
        code: "file-gone",
        message:
          "The firm's file was moved, deleted or replaced while the server ran, so writing has stopped and nothing was stored. Put it back, then start the server again; what waits goes out by itself.",
      };
    const code = "code" in at && typeof at.code === "string" ? at.code : "";
    const told = TOLD.find((t) => code.startsWith(t.starts));
    if (told) return { status: told.status, code: told.code, message: told.message };
  }
  return null;
}
