import { useState } from "react";
import { HOUSE_RULES, type HouseRule, houseValueFits } from "../../core/house/rules.ts";
import { RULE_SECTIONS } from "../../core/house/sections.ts";
import type { Entry, Kind, Payloads } from "../../core/log/kinds.ts";
import type { SupplierRecord } from "../../core/pane/source-facts.ts";
import { foldFirm } from "../../core/round/book.ts";
import { say } from "../../core/words/dialect.ts";
import { inUnit } from "../../core/words/in-unit.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { guarded } from "../parts/Guarded.tsx";
import { PageKeys } from "../parts/PageKeys.tsx";
import { useLog } from "../parts/use-log.ts";
import { Compounds } from "./Compounds.tsx";
import { Copies } from "./Copies.tsx";
import { FirmDetails } from "./FirmDetails.tsx";
import { StockInserts } from "./StockInserts.tsx";
import { StockPanes } from "./StockPanes.tsx";
import { Suppliers } from "./Suppliers.tsx";

type Props = {
  readonly prefs: Prefs;
  readonly entries: readonly Entry[];
  readonly through: number;
  readonly records: readonly SupplierRecord[];
};

/** What the firm has decided once: every figure with its source, and whom it buys from. */
function HousePage(props: Props) {
  const { store, entries, prefs } = useLog({ ...props, about: {} });
  const firm = foldFirm(entries);
  const write = <K extends Kind>(kind: K, payload: Payloads[K]) => void store.write(kind, {}, payload);
  return (
    <div className="mx-auto max-w-4xl space-y-8 px-4 py-6">
      <header>
        <h1>House rules</h1>
        <p className="text-mute">
          Defaults that you can change. A label, the maker's instructions and local codes come before them.
        </p>
        <nav aria-label="Sections" className="flex flex-wrap gap-x-4 gap-y-1 pt-1">
          {[...RULE_SECTIONS, ...LISTS].map((s) => (
            <a key={s.id} href={`#${s.id}`}>
              {s.name}
            </a>
          ))}
        </nav>
        <PageKeys store={store} />
      </header>
      <FirmDetails details={firm.details} write={(d) => write("firm.details", d)} />
      {RULE_SECTIONS.map((section) => (
        <section key={section.id} id={section.id} className="space-y-2">
          <h2>{section.name}</h2>
          <ul className="rows bg-sheet px-4">
            {section.rules.map((rule) => (
              <RuleLine
                key={rule}
                rule={rule}
                value={firm.house[rule]}
                prefs={prefs}
                change={(value) => write("house.rule", { rule, value })}
              />
            ))}
          </ul>
        </section>
      ))}
      <StockPanes stock={firm.stock} prefs={prefs} write={(p) => write("stock.pane", p)} />
      <StockInserts inserts={firm.inserts} prefs={prefs} write={(i) => write("stock.insert", i)} />
      <Compounds
        own={firm.ownCompounds}
        all={firm.compounds}
        usual={firm.usualBeds}
        takeUsual={(system, compound) => write("bed.usual", { system, compound })}
        say={(sentence) => inUnit(say(sentence, prefs.dialect), prefs.unit)}
        write={(c) => write("compound.kept", c)}
      />
      <Suppliers
        suppliers={firm.suppliers}
        terms={firm.terms}
        records={props.records}
        currency={firm.house.currency}
        say={(sentence) => inUnit(say(sentence, prefs.dialect), prefs.unit)}
        add={(s) => write("supplier.added", s)}
        setTerms={(t) => write("supplier.terms", t)}
      />
      <Copies />
    </div>
  );
}

const LISTS = [
  { id: "stock", name: "Glass in stock" },
  { id: "inserts", name: "Door inserts" },
  { id: "compounds", name: "Setting materials" },
  { id: "suppliers", name: "Suppliers" },
  { id: "copies", name: "Copies" },
];

type LineProps = {
  readonly rule: HouseRule;
  readonly value: string | number;
  readonly prefs: Prefs;
  readonly change: (value: string | number) => void;
};

function RuleLine({ rule, value, prefs, change }: LineProps) {
  const fact = HOUSE_RULES[rule];
  const [text, setText] = useState<string | null>(null);
  const typed = text === null ? value : Number(text.replace(",", "."));
  const wrong = text !== null && (text.trim() === "" || !houseValueFits(rule, typed));
  const label = say(fact.says, prefs.dialect);
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_9rem_3rem] items-center gap-x-3 py-2">
      <div>
        <p className="font-medium first-letter:uppercase">{label}</p>
        <p className="text-[13px] text-mute">
          {fact.source}
          {value !== fact.value && `. Default ${fact.value} ${fact.unit}`}
        </p>
        {wrong && (
          <p className="trouble" role="alert">
            Give a number from {fact.from} to {fact.to}.
          </p>
        )}
      </div>
      {fact.choices ? (
        <select aria-label={label} value={value} onChange={(e) => change(e.target.value)}>
          {fact.choices.map((c) => (
            <option key={c}>{c}</option>
          ))}
        </select>
      ) : (
        <input
          aria-label={label}
          className={`tight text-right ${wrong ? "bad" : ""}`}
          inputMode="decimal"
          maxLength={12}
          value={text ?? String(value)}
          onChange={(e) => setText(e.target.value)}
          onBlur={() => {
            if (wrong || text === null) return;
            if (typed !== value) change(typed);
            setText(null);
          }}
        />
      )}
      <span className="text-mute">{fact.unit}</span>
    </li>
  );
}

export default guarded(HousePage, "House rules");
