import type { ReactNode } from "react";
import { tubesFor } from "../../core/set/putty.ts";
import { mm, type Nm } from "../../core/units/length.ts";
import { puttyErrorSentence } from "../../core/words/size.ts";
import { Length } from "../parts/Length.tsx";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";
import { Said } from "../parts/Said.tsx";

/** What to have to hand before the bed is laid, with the places in figures. */
export function PickList() {
  const { book, reckoning: r, prefs, say, firm } = usePane();
  if (!r.cut.ok || book.added.system !== "timber-putty") return null;
  const { packers, putty, sprigs } = r;
  const length = (nm: Nm) => <Length nm={nm} unit={prefs.unit} withUnit />;
  const places = (all: readonly Nm[]) =>
    all.map((p, i) => (
      <span key={p}>
        {i > 0 && ", "}
        <Length nm={p} unit={prefs.unit} places={0} ticks={16} />
      </span>
    ));
  return (
    <Part title="To hand" more="from the section and the way round">
      <dl className="rows">
        <Item name="{Packers}">
          {packers?.stack && packers.stack.pieces.length > 0 ? (
            <>
              two stacks of{" "}
              {packers.stack.pieces.map((p, i) => (
                <span key={`${p}-${i === 0 ? "first" : "more"}`}>
                  {i > 0 && " + "}
                  {length(p)}
                </span>
              ))}
              , middles {length(packers.fromCorner)} from each corner
            </>
          ) : packers?.stack ? (
            "none: the gap is nothing"
          ) : (
            <>
              no {say("{packers}")} in the box make {packers ? length(packers.gap) : "it"}
            </>
          )}
        </Item>
        <Item name="{Putty}">
          {putty === null ? (
            <>read {say("{rebate}")} depth and width first</>
          ) : putty.ok ? (
            <>
              <strong className="tight">{putty.value.buyKg.toFixed(2)} kg</strong> to buy,{" "}
              {(firm.house.waste * 100).toFixed(0)}% of it waste.
              <span className="block text-[13px] text-mute">
                bed {putty.value.bedMl.toFixed(0)} ml, face {putty.value.faceMl.toFixed(0)} ml, edge{" "}
                {putty.value.edgeMl.toFixed(0)} ml; in tubes: {tubesFor(putty.value.totalMl, 310, firm.house.waste)} of
                310 ml
              </span>
            </>
          ) : (
            <span className="trouble">{say(puttyErrorSentence(putty.error))}</span>
          )}
        </Item>
        {sprigs && (
          <Item name="{Sprigs}">
            <strong className="tight">{sprigs.count}</strong>
            <span className="block text-[13px] text-mute">
              head and {say("{sill}")} at {places(sprigs.across)}; each jamb at {places(sprigs.upright)} {prefs.unit}
              {book.sprigsFound !== null && say(`. ${book.sprigsFound} came out`)}
            </span>
          </Item>
        )}
        <Item name="Bed left">{length(mm(firm.house.bedMm))} when it is pressed home</Item>
      </dl>
    </Part>
  );
}

const Item = ({ name, children }: { readonly name: string; readonly children: ReactNode }) => (
  <div className="grid grid-cols-[7rem_1fr] gap-3 py-2">
    <dt className="font-medium">
      <Said>{name}</Said>
    </dt>
    <dd>{children}</dd>
  </div>
);
