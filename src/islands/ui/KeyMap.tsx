import { Sheet } from "./Sheet.tsx";

export type KeyLine = readonly [keys: string, does: string];

/** All keys of a page. */
export const KeyMap = ({ keys, close }: { readonly keys: readonly KeyLine[]; readonly close: () => void }) => (
  <Sheet title="Keys" close={close}>
    <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
      {keys.map(([key, does]) => (
        <div key={key} className="contents">
          <dt className="whitespace-nowrap">
            {key.split(" ").map((k) => (
              <kbd key={k} className="key mr-1">
                {k}
              </kbd>
            ))}
          </dt>
          <dd>{does}</dd>
        </div>
      ))}
    </dl>
    <p>
      <a href="/words">All trade words</a>, in both dialects.
    </p>
  </Sheet>
);
