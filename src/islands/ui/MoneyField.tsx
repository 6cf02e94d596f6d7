import type { Pence } from "../../core/money/pence.ts";
import { penceIn } from "../../core/money/read-money.ts";
import { plainMoney } from "../../core/words/money.ts";

export const NOT_MONEY = "Give it as money, such as 42 or 42.50.";

type Props = {
  readonly name: string;
  readonly says: string;
  readonly start?: Pence | null;
  readonly required?: boolean;
  readonly placeholder?: string;
};

/** A field of a form for money: what is none is said before the form goes, and stays in the field. */
export const MoneyField = ({ name, says, start, required, placeholder }: Props) => (
  <label>
    <span className="text-[13px] text-mute">{says}</span>
    <input
      name={name}
      inputMode="decimal"
      maxLength={20}
      required={required}
      placeholder={placeholder}
      className="tight"
      defaultValue={start == null ? "" : plainMoney(start)}
      onInput={(e) => {
        const field = e.currentTarget;
        const typed = field.value.trim();
        field.setCustomValidity(typed === "" || penceIn(typed) !== null ? "" : NOT_MONEY);
      }}
    />
  </label>
);
