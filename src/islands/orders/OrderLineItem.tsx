import type { HouseRules } from "../../core/house/rules.ts";
import type { Payloads } from "../../core/log/kinds.ts";
import type { OrderLine } from "../../core/pane/order-book.ts";
import { lineMass, statedSize } from "../../core/pane/order-line.ts";
import { looksText } from "../../core/specify/looks.ts";
import { writeNumber } from "../../core/tape/write.ts";
import type { Day } from "../../core/units/day.ts";
import { gridUnit } from "../../core/units/length.ts";
import { barsOnOrder } from "../../core/words/found.ts";
import { glassText } from "../../core/words/glass.ts";
import { massText } from "../../core/words/mass.ts";
import { basisOf, extraText } from "../../core/words/order-sheet.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { edgesText, shapedText } from "../../core/words/ticket.ts";
import { CheckedLine } from "../panels/CheckedLine.tsx";
import { CheckInForm } from "../panels/CheckInForm.tsx";
import { WentBack } from "../panels/WentBack.tsx";
import { Size } from "../ui/Size.tsx";

type Props = {
  readonly order: string;
  readonly line: OrderLine;
  readonly house: HouseRules;
  readonly prefs: Prefs;
  readonly checked: (p: Payloads["order.checked"]) => void;
  readonly drop: () => void;
  readonly today: Day;
  readonly photos: readonly string[];
  readonly outcome: (p: Payloads["order.outcome"]) => void;
};

const sentence = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;

/** One pane on an order, and what came of it. */
export function OrderLineItem({ order, line, house, prefs, checked, drop, today, photos, outcome }: Props) {
  const cutter = gridUnit(line.grid);
  return (
    <li className="space-y-3 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <p className="text-[24px] font-bold">
          <Size {...statedSize(line)} unit={prefs.unit} made />
          <span className="pl-1 text-[14px] font-normal text-mute"> {prefs.unit}, width × height</span>
        </p>
        <p className="font-medium">
          <a href={`/panes/${line.pane}/order`}>{line.label}</a>
        </p>
      </div>
      <p>
        1 off, {glassText(line, { ...prefs, cutter })}
        {line.pattern && `, ${line.pattern}`}
        {line.looks && `, ${looksText(line.looks)}`}
        {line.bars && `, ${barsOnOrder(line.bars, cutter)}`}
        {line.whole ? ", its glass " : `, ${edgesText(line.edges)}, `}
        {massText(lineMass(line), prefs.unit)}
        {cutter !== prefs.unit &&
          `, cut to ${writeNumber(line.widthNm, cutter)} × ${writeNumber(line.heightNm, cutter)} ${cutter}`}
        . {sentence(basisOf(line, prefs.unit))}
      </p>
      {extraText(line, prefs.dialect) && <p>{sentence(extraText(line, prefs.dialect))}</p>}
      {line.corners && (
        <p>
          {shapedText(line.corners)}. Template: <a href={`/orders/${order}/lines/${line.line}/template.dxf`}>DXF</a>,{" "}
          <a href={`/orders/${order}/lines/${line.line}/template.svg`}>SVG</a>.
        </p>
      )}
      {line.state === "open" && (
        <button type="button" className="btn btn-small" onClick={drop}>
          Take it off
        </button>
      )}
      {line.state === "arrived" && (
        <CheckInForm line={line} house={house} unit={prefs.unit} checked={checked} photos={photos} />
      )}
      <CheckedLine line={line} unit={prefs.unit} />
      <WentBack line={line} today={today} write={outcome} />
    </li>
  );
}
