import type { FirmDetails as Details } from "../../core/log/kinds/firm.ts";

const FIELDS: readonly (readonly [keyof Details, string, string])[] = [
  ["name", "Name", "organization"],
  ["address", "Address", "street-address"],
  ["telephone", "Telephone", "tel"],
  ["mail", "Mail", "email"],
  ["taxNumber", "Tax number", "off"],
];

type Props = { readonly details: Details; readonly write: (details: Details) => void };

/** The firm as it stands at the head of its orders, quotes and customers' sheets. */
export const FirmDetails = ({ details, write }: Props) => (
  <section id="details" className="space-y-2">
    <h2>The firm</h2>
    <p className="text-mute">At the head of orders, quotes and what the customer is left with.</p>
    <div className="grid gap-x-6 gap-y-2 bg-sheet px-4 py-3 sm:grid-cols-2">
      {FIELDS.map(([key, name, fills]) => (
        <label key={key}>
          <span className="text-[13px] text-mute">{name}</span>
          <input
            maxLength={200}
            autoComplete={fills}
            key={details[key]}
            defaultValue={details[key]}
            onBlur={(e) => {
              const to = e.target.value.trim();
              if (to !== details[key]) write({ ...details, [key]: to });
            }}
          />
        </label>
      ))}
    </div>
  </section>
);
