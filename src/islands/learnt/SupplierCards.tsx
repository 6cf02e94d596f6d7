import type { OwnFigure } from "../../core/learn/own-figure.ts";
import type { KindCame, SupplierCard } from "../../core/learn/supplier-card.ts";
import { MAKES_NAMES } from "../../core/order/sources.ts";
import type { LearntPageData } from "../../core/page/learnt-page.ts";
import { capital } from "../../core/text/capital.ts";
import { plural } from "../../core/text/counted.ts";
import { say } from "../../core/words/dialect.ts";
import { smallText } from "../../core/words/learnt.ts";
import { percent } from "../../core/words/percent.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { FigureLine } from "./FigureLine.tsx";

type Props = {
  readonly cards: readonly SupplierCard[];
  readonly senders: LearntPageData["senders"];
  readonly prefs: Prefs;
};

/** What each supplier promised, and what came. */
export function SupplierCards({ cards, senders, prefs }: Props) {
  if (cards.length === 0) return <p>No supplier is known yet: they come with their first order.</p>;
  return (
    <ul className="space-y-4">
      {cards.map((c) => (
        <li key={c.name} className="border border-line bg-sheet p-4">
          <h2 className="!mt-0">{c.name}</h2>
          <dl className="mt-2 grid grid-cols-[8.5rem_minmax(0,1fr)] gap-x-3 gap-y-1.5 sm:grid-cols-[11rem_minmax(0,1fr)]">
            <Row name="Takes" says={leadWords(c)} />
            <Row name="Late" says={lateWords(c)} />
            <Row name="Came back" says={backWords(c)} />
            {c.makes.map((m) => (
              <Row key={m.make} name={capital(say(MAKES_NAMES[m.make], prefs.dialect))} says={kindWords(m)} />
            ))}
            {c.kinds.map((k) => (
              <Row
                key={String(k.sealed)}
                name={k.sealed ? say("{Units}, size", prefs.dialect) : "Single glass, size"}
                says={
                  k.off === null
                    ? `${k.sides} sides measured: too few to say`
                    : `${offWords(k.off, prefs)}, scattered by ${smallText(k.spread, prefs.unit)}; between ${smallText(k.offWithin.lo, prefs.unit)} and ${smallText(k.offWithin.hi, prefs.unit)}, from ${k.sides} sides${k.outliers ? `; ${k.outliers} made wrong, not counted` : ""}`
                }
              />
            ))}
          </dl>
          <Own figures={senders.find((s) => s.supplier === c.name)?.figures ?? []} prefs={prefs} />
        </li>
      ))}
    </ul>
  );
}

/** What an order to them goes by, once it is taken on. */
const Own = ({ figures, prefs }: { readonly figures: readonly OwnFigure[]; readonly prefs: Prefs }) =>
  figures.length === 0 ? null : (
    <>
      <p className="mt-3 text-[14px] text-mute">
        Taken on, an order to them is smaller by as much as theirs come larger than the rest, and its odds are of their
        scatter.
      </p>
      <ul className="divide-y divide-line">
        {figures.map((f) => (
          <FigureLine key={f.id} figure={f} prefs={prefs} />
        ))}
      </ul>
    </>
  );

const Row = ({ name, says }: { readonly name: string; readonly says: string }) => (
  <>
    <dt className="text-mute">{name}</dt>
    <dd>{says}</dd>
  </>
);

const days = (n: number): string => `${n} working ${plural(n, "day")}`;
const leadWords = ({ lead }: Pick<SupplierCard, "lead">): string =>
  lead.usual === null || lead.slow === null
    ? `says ${days(lead.days)}; ${lead.orders === 0 ? "nothing came yet" : `${lead.orders} came, too few to say`}`
    : `mostly ${days(lead.usual)}, nine in ten within ${lead.slow}; from ${lead.orders} orders`;
const lateWords = (c: SupplierCard): string =>
  c.orders === 0
    ? "no order came yet"
    : c.late === 0
      ? `never, of ${c.orders}`
      : `${c.late} of ${c.orders}, at most by ${days(c.latestBy)}`;
/** One kind in a line. @example "mostly 8 working days; 1 of 9 late; 2 of 12 came back" */
const kindWords = (m: KindCame): string =>
  [
    m.orders === 0 ? "" : leadWords(m).replace(/, nine in ten.*$/, ""),
    m.orders === 0 ? "" : m.late === 0 ? "never late" : `${m.late} of ${m.orders} late`,
    m.panes === 0 ? "" : m.back === 0 ? `none of ${m.panes} came back` : `${m.back} of ${m.panes} came back`,
  ]
    .filter(Boolean)
    .join("; ");
const backWords = (c: SupplierCard): string =>
  c.panes === 0
    ? "no pane came yet"
    : `${c.back} of ${c.panes}: ${percent(c.backRate)}, between ${percent(c.backWithin.lo)} and ${percent(c.backWithin.hi)}`;
function offWords(off: number, prefs: Prefs): string {
  const text = smallText(Math.abs(off), prefs.unit);
  return Math.abs(off) < 0.1 ? "as ordered" : `${text} ${off > 0 ? "larger" : "smaller"} than ordered`;
}
