import type { Customer } from "../../core/log/kinds/firm.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";

const FIELDS: readonly (readonly [Exclude<keyof Customer, "address">, string, string])[] = [
  ["name", "Name", "text"],
  ["telephone", "Telephone", "tel"],
  ["keyHolder", "Who has the key", "text"],
];

/** Whose window it is: asked once for an address, and on every paper for it. */
export function CustomerPart() {
  const { book, firm, writeFirm } = usePane();
  const { address } = book.added;
  const now = firm.customers.get(address) ?? { address, name: "", telephone: "", keyHolder: "" };
  return (
    <Fold
      title="Whose window"
      more={[now.name, now.keyHolder && `key: ${now.keyHolder}`].filter(Boolean).join(", ") || `at ${address}`}
    >
      <div className="grid gap-2 sm:grid-cols-3">
        {FIELDS.map(([key, name, type]) => (
          <label key={key}>
            <span className="text-[13px] text-mute">{name}</span>
            <input
              type={type}
              maxLength={200}
              autoComplete="off"
              key={now[key]}
              defaultValue={now[key]}
              onBlur={(e) => {
                const to = e.target.value.trim();
                if (to !== now[key]) writeFirm("customer.kept", { ...now, [key]: to });
              }}
            />
          </label>
        ))}
      </div>
      {now.telephone && (
        <p>
          <a href={`tel:${now.telephone.replace(/[^+0-9]/g, "")}`}>Ring {now.name || now.telephone}</a>
        </p>
      )}
    </Fold>
  );
}
