import type { Entry } from "../../core/log/kinds.ts";

type Props = { readonly entry: Entry; readonly send: (mended: Entry) => void; readonly letGo: () => void };

/** A figure or a text that can be typed anew, with the way to it. */
type Leaf = { readonly path: readonly string[]; readonly value: string | number };

/** Names of fields as they are said. @example ["day"] // "day"; ["width", "text"] // "width" */
const nameOf = (path: readonly string[]): string =>
  path
    .filter((p) => p !== "text")
    .join(", ")
    .replace(/([a-z])([A-Z])/g, "$1 $2")
    .toLowerCase() || "text";

function leavesOf(value: unknown, path: readonly string[] = []): readonly Leaf[] {
  if (typeof value === "string" || typeof value === "number") return [{ path, value }];
  if (value === null || typeof value !== "object") return [];
  return Object.entries(value).flatMap(([key, v]) => leavesOf(v, [...path, key]));
}

function withLeaf(value: unknown, [key, ...rest]: readonly string[], to: string | number): unknown {
  if (key === undefined) return to;
  if (Array.isArray(value)) return value.map((v, i) => (String(i) === key ? withLeaf(v, rest, to) : v));
  const fields = value as Readonly<Record<string, unknown>>;
  return { ...fields, [key]: withLeaf(fields[key], rest, to) };
}

const ID = /^[0-9a-f]{8}-[0-9a-f]{4}-/;

/** What was written, to be put right and sent again, or thrown away. */
export function MendEntry({ entry, send, letGo }: Props) {
  const leaves = leavesOf(entry.payload).filter((l) => !ID.test(String(l.value)));
  const submit = (form: FormData) => {
    let payload: unknown = entry.payload;
    for (const { path, value } of leaves) {
      const typed = String(form.get(path.join(".")) ?? "");
      const number = Number(typed);
      payload = withLeaf(payload, path, typeof value === "number" && Number.isFinite(number) ? number : typed);
    }
    send({ ...entry, payload } as Entry);
  };
  return (
    <form
      className="grid gap-2 sm:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        submit(new FormData(e.currentTarget));
      }}
    >
      {leaves.map(({ path, value }) => (
        <label key={path.join(".")} className="block">
          <span className="text-[13px] text-mute">{nameOf(path)}</span>
          <input name={path.join(".")} defaultValue={String(value)} maxLength={2000} />
        </label>
      ))}
      <div className="flex gap-2 sm:col-span-2">
        <button type="submit" className="btn btn-main">
          Send it again
        </button>
        <button type="button" className="btn" onClick={letGo}>
          Throw it away
        </button>
      </div>
    </form>
  );
}
