import { useState } from "react";
import { ArchiveTaken } from "../../contract/archive.ts";
import { errorOf } from "../log/send.ts";

const times = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;

/** Everything out as one archive, and one taken in: of this firm, or a round that another firm handed over. */
export function Archive() {
  const [said, setSaid] = useState<string | null>(null);
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const take = async (file: File): Promise<void> => {
    setWrong([]);
    setSaid(`${file.name} is taken in…`);
    const answer = await fetch("/api/archive", {
      method: "POST",
      headers: { "content-type": "application/zip" },
      body: file,
    }).catch(() => null);
    if (!answer?.ok) {
      setSaid(null);
      const error = answer && (await errorOf(answer));
      return setWrong([
        error?.message ?? "The server does not answer. Try again when it is back: what is in is passed over.",
      ]);
    }
    const done = ArchiveTaken.parse(await answer.json());
    setSaid(
      `${times(done.taken, "entry", "entries")} and ${times(done.photos, "photo", "photos")} were taken in; ${times(done.known, "entry was", "entries were")} there already.`,
    );
    setWrong(done.notTaken.map((n) => `Line ${n.line} was left out: ${n.why}`));
  };
  return (
    <div className="space-y-2">
      <p className="flex flex-wrap gap-2">
        <a className="btn" href="/api/archive" download>
          Save everything as an archive
        </a>
        <label className="btn cursor-pointer">
          Take an archive in
          <input
            type="file"
            className="sr-only"
            accept=".zip,application/zip"
            onChange={(e) => {
              const file = e.target.files?.[0];
              e.target.value = "";
              if (file) void take(file);
            }}
          />
        </label>
      </p>
      {said && <p role="status">{said}</p>}
      {wrong.length > 0 && (
        <ul className="note-wax" role="alert">
          {wrong.map((w) => (
            <li key={w}>{w}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
