import { type ReactNode, useEffect, useRef, useState } from "react";
import { foldFirm } from "../../core/firm/fold-firm.ts";
import { HOUSE_RULES, type HouseRule } from "../../core/house/rules.ts";
import { RULE_SECTIONS, type RuleSection } from "../../core/house/sections.ts";
import type { Entry, Kind, Payloads } from "../../core/log/kinds.ts";
import type { SupplierRecord } from "../../core/pane/source-facts.ts";
import { say } from "../../core/words/dialect.ts";
import { inUnit } from "../../core/words/in-unit.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { PageKeys } from "../log/PageKeys.tsx";
import { useLog } from "../log/use-log.ts";
import { guarded } from "../ui/Guarded.tsx";
import { useKeys } from "../ui/keys.ts";
import { Compounds } from "./Compounds.tsx";
import { Copies } from "./Copies.tsx";
import { Customers } from "./Customers.tsx";
import { FirmDetails } from "./FirmDetails.tsx";
import { RuleLine } from "./RuleLine.tsx";
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
  const [open, setOpen] = useSection();
  const [sought, setSought] = useState("");
  const search = useRef<HTMLInputElement>(null);
  useKeys("page", (e) => (e.key === "/" ? () => search.current?.focus() : null));
  const words = (sentence: string) => inUnit(say(sentence, prefs.dialect), prefs.unit);
  const line = (rule: HouseRule) => (
    <RuleLine
      key={rule}
      rule={rule}
      value={firm.house[rule]}
      prefs={prefs}
      change={(value) => write("house.rule", { rule, value })}
    />
  );
  const found = sought.trim() === "" ? null : rulesLike(sought, prefs.dialect);
  const lists: Readonly<Record<ListId, ReactNode>> = {
    details: <FirmDetails details={firm.details} write={(d) => write("firm.details", d)} />,
    stock: <StockPanes stock={firm.stock} prefs={prefs} write={(p) => write("stock.pane", p)} />,
    inserts: <StockInserts inserts={firm.inserts} prefs={prefs} write={(i) => write("stock.insert", i)} />,
    compounds: (
      <Compounds
        own={firm.ownCompounds}
        all={firm.compounds}
        usual={firm.usualBeds}
        takeUsual={(system, compound) => write("bed.usual", { system, compound })}
        say={words}
        write={(c) => write("compound.kept", c)}
      />
    ),
    suppliers: (
      <Suppliers
        suppliers={firm.suppliers}
        terms={firm.terms}
        records={props.records}
        currency={firm.house.currency}
        say={words}
        add={(s) => write("supplier.added", s)}
        setTerms={(t) => write("supplier.terms", t)}
      />
    ),
    customers: (
      <Customers
        customers={[...firm.customers.values()]}
        forget={(address) => write("customer.forgotten", { address })}
      />
    ),
    copies: <Copies />,
  };
  const section = RULE_SECTIONS.find((s) => s.id === open);
  return (
    <div className="mx-auto max-w-6xl px-4 py-6">
      <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2 pb-4">
        <div>
          <h1>House rules</h1>
          <p className="text-mute">
            Defaults that you can change. A label, the maker's instructions and local codes come before them.
          </p>
        </div>
        <label className="w-full sm:w-72">
          <span className="text-[13px] text-mute">
            Find a rule <kbd className="key">/</kbd>
          </span>
          <input
            ref={search}
            type="search"
            maxLength={60}
            value={sought}
            placeholder="cover, lead, price"
            onChange={(e) => setSought(e.target.value)}
          />
        </label>
        <PageKeys store={store} />
      </header>
      <div className="grid gap-6 desk:grid-cols-[13rem_minmax(0,1fr)]">
        <nav
          aria-label="Sections"
          className="flex gap-1 overflow-x-auto pb-1 desk:sticky desk:top-4 desk:flex-col desk:self-start"
        >
          {[...LISTS.slice(0, 1), ...RULE_SECTIONS, ...LISTS.slice(1)].map((s) => (
            <a
              key={s.id}
              href={`#${s.id}`}
              aria-current={found === null && s.id === open ? "true" : undefined}
              className={`flex min-h-11 items-center rounded px-2 leading-tight no-underline max-desk:whitespace-nowrap desk:min-h-9 desk:py-1 ${
                found === null && s.id === open ? "bg-tint font-semibold" : "hover:bg-tint/60"
              }`}
              onClick={() => {
                setSought("");
                setOpen(s.id);
              }}
            >
              {s.name}
            </a>
          ))}
        </nav>
        <div className="min-w-0">
          {found ? (
            <section aria-label="Found" className="space-y-4">
              {found.length === 0 && (
                <p>No rule speaks of “{sought.trim()}”. Try another word, or look through the sections.</p>
              )}
              {found.map((s) => (
                <div key={s.id} className="space-y-2">
                  <h2>{s.name}</h2>
                  <ul className="rows bg-sheet px-4">{s.rules.map(line)}</ul>
                </div>
              ))}
            </section>
          ) : section ? (
            <section id={section.id} className="space-y-2">
              <h2>{section.name}</h2>
              <ul className="rows bg-sheet px-4">{section.rules.map(line)}</ul>
            </section>
          ) : (
            lists[LISTS.find((l) => l.id === open)?.id ?? "details"]
          )}
        </div>
      </div>
    </div>
  );
}

/** Rules whose own words, in this reader's dialect, hold every word that is sought. */
function rulesLike(sought: string, dialect: Prefs["dialect"]): readonly RuleSection[] {
  const parts = sought.toLowerCase().split(/\s+/).filter(Boolean);
  return RULE_SECTIONS.map((s) => ({
    ...s,
    rules: s.rules.filter((rule) => {
      const text =
        `${say(HOUSE_RULES[rule].says, dialect)} ${say(HOUSE_RULES[rule].source, dialect)} ${s.name}`.toLowerCase();
      return parts.every((p) => text.includes(p));
    }),
  })).filter((s) => s.rules.length > 0);
}

/** The section that is open stands in the address, so that a link leads to it. */
function useSection(): readonly [string, (id: string) => void] {
  const [open, setOpen] = useState("details");
  useEffect(() => {
    const read = () => setOpen(location.hash.slice(1) || "details");
    read();
    window.addEventListener("hashchange", read);
    return () => window.removeEventListener("hashchange", read);
  }, []);
  return [open, setOpen];
}

const LISTS = [
  { id: "details", name: "The firm" },
  { id: "stock", name: "Glass in stock" },
  { id: "inserts", name: "Door inserts" },
  { id: "compounds", name: "Setting materials" },
  { id: "suppliers", name: "Suppliers" },
  { id: "customers", name: "Customers" },
  { id: "copies", name: "Copies" },
] as const;
type ListId = (typeof LISTS)[number]["id"];

export default guarded(HousePage, "House rules");
