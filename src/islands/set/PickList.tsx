import type { ReactNode } from "react";
import { sprigged } from "../../core/frame/held.ts";
import { detailOf } from "../../core/frame/told-detail.ts";
import { likeOf } from "../../core/pane/frame-here.ts";
import { settingOf } from "../../core/pane/setting.ts";
import { readyFacts } from "../../core/pane/step-facts.ts";
import { tapeThick } from "../../core/pane/tape-thick.ts";
import { isUnit } from "../../core/pane/unit.ts";
import { tubesFor } from "../../core/set/putty.ts";
import { puttyExtra } from "../../core/set/putty-extra.ts";
import { type BlockHeight, blockHeight } from "../../core/specify/panel.ts";
import { writeLength } from "../../core/tape/write.ts";
import { counted, plural } from "../../core/text/counted.ts";
import type { Template } from "../../core/text/template.ts";
import { mm, type Nm, takeNm, toMm } from "../../core/units/length.ts";
import { runText } from "../../core/words/run-text.ts";
import { puttyErrorSentence } from "../../core/words/size.ts";
import { tapeThickText } from "../../core/words/tape-thick.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Said } from "../panels/Said.tsx";
import { Length } from "../ui/Length.tsx";
import type { Say } from "../ui/say.ts";
import { PlacesRound } from "./PlacesRound.tsx";
import { StacksUnder } from "./StacksUnder.tsx";

/** What to have to hand before the bed is laid, with the places in figures. */
export function PickList() {
  const { book, reckoning: r, prefs, say, firm, write } = usePane();
  // What is cut is written as finely as a tape shows, never as a rule of thumb.
  const cutText = (long: number): string => writeLength(mm(long), prefs.unit, { places: 1, ticks: 32 });
  const setting = settingOf(book, r);
  if (!r.cut.ok || !setting) return null;
  const { bed } = readyFacts(book, r);
  const inPutty = bed === "putty";
  const { packers, putty, sprigs } = r;
  const glassMm = { width: toMm(r.cut.value.glass.width), height: toMm(r.cut.value.glass.height) };
  const square = Object.values(book.before.joints?.joints ?? {}).some((j) => j.kind !== "mitred");
  const length = (nm: Nm) => <Length nm={nm} unit={prefs.unit} withUnit />;
  const extra = (faceMl: number) =>
    puttyExtra({
      faceMl,
      widthMm: glassMm.width,
      heightMm: glassMm.height,
      chewed: detailOf(book.added.system, book.before.detail).lost === "some",
    });
  const unread = (["depth", "width"] as const).filter((material) => r.readings[`rebate-${material}`] === undefined);
  return (
    <Part title="To hand" more="from the section and the way round">
      <dl className="rows">
        <Item name="{Packers}">
          {packers?.stack && packers.stack.pieces.length > 0 ? (
            <>
              <StacksUnder pieces={packers.stack.pieces} spots={setting.spots} />; the others as drawn
            </>
          ) : packers?.stack ? (
            "none: the gap is nothing"
          ) : (
            <>
              no {say("{packers}")} in the box make {packers ? length(packers.gap) : "it"}
            </>
          )}
        </Item>
        {book.panel && book.panel.lineMm !== null && book.panel.neighbourMm !== null && (
          <Item name="Blocks under it">
            <PanelBlocks
              say={say}
              of={blockHeight({
                lineMm: book.panel.lineMm,
                neighbourMm: book.panel.neighbourMm,
                playMm: toMm(takeNm(r.cut.value.governs.height.length, r.cut.value.glass.height)),
              })}
            />
          </Item>
        )}
        {setting.sealant && (
          <Item name="Sealant">
            <strong className="tight">{counted(setting.sealant.cartridges, "cartridge")}</strong>{" "}
            {say(`of 310 ml, or ${counted(setting.sealant.foils, "foil")} of 600 ml`)}
            <span className="block text-[13px] text-mute">
              {say(
                `${setting.sealant.totalMl.toFixed(0)} ml${
                  setting.voidMl > 0
                    ? `, ${setting.voidMl.toFixed(0)} ml of it in the void`
                    : setting.slopeMl > 0
                      ? `, ${setting.slopeMl.toFixed(0)} ml of it in the slope outside, the rest in a ${setting.beadMm} mm bead`
                      : ` in a ${setting.beadMm} mm bead`
                }`,
              )}
              , {(firm.house.waste * 100).toFixed(0)}% waste on top
            </span>
          </Item>
        )}
        {setting.tapeMm !== null && (
          <Item name="Glazing tape">
            {runText(mm(setting.tapeMm), prefs.unit)}, waste allowed for;{" "}
            {say(tapeThickText(tapeThick(book, r), prefs.unit))}
          </Item>
        )}
        {setting.gasketMm !== null && (
          <Item name="Gasket">{length(mm(setting.gasketMm))}: cut a little long, never stretched</Item>
        )}
        {setting.sticks && (
          <Item name="New {beads}">
            <strong className="tight">{setting.sticks.count}</strong> {plural(setting.sticks.count, "stick")},{" "}
            {square ? "square ends" : "mitred"}
            <span className="block text-[13px] text-mute">
              {setting.sticks.sticks.map((s) => `${cutText(s.stock)}: ${s.pieces.map(cutText).join(" + ")}`).join("; ")}
            </span>
          </Item>
        )}
        {inPutty && (
          <Item name="{Putty}">
            {putty === null ? (
              <>read the {say(unread.length > 0 ? `{rebate}'s ${unread.join(" and ")}` : "opening")} first</>
            ) : putty.ok ? (
              <>
                <strong className="tight">{say(`${putty.value.buyKg.toFixed(2)} kg`)}</strong> to buy,{" "}
                {(firm.house.waste * 100).toFixed(0)}% of it waste.
                <span className="block text-[13px] text-mute">
                  {say(
                    `bed ${putty.value.bedMl.toFixed(0)} ml, face ${putty.value.faceMl.toFixed(0)} ml, edge ${putty.value.edgeMl.toFixed(0)} ml; in tubes: ${tubesFor(putty.value.totalMl, 310, firm.house.waste)} of 310 ml. Corners and head, pressed in past the edge, about ${extra(putty.value.faceMl).toFixed(0)} ml more`,
                  )}
                </span>
              </>
            ) : (
              <span className="trouble">{say(puttyErrorSentence(putty.error))}</span>
            )}
          </Item>
        )}
        {sprigs && sprigged(likeOf(book)) && (
          <Item name="{Sprigs}">
            <strong className="tight">{sprigs.count}</strong>
            <span className="block text-[13px] text-mute">
              <PlacesRound plan={sprigs} />
              {book.sprigsFound !== null && say(`. ${book.sprigsFound} came out`)}
            </span>
          </Item>
        )}
        {inPutty && <Item name="Bed left">{length(mm(firm.house.bedMm))} when it is pressed home</Item>}
      </dl>
      {isUnit(book) && (bed === "silicone" || bed === "tape") && (
        <label className="chip">
          <input
            type="checkbox"
            checked={detailOf(book.added.system, book.before.detail).void === "filled"}
            onChange={(e) => write("takeout.detail", { void: e.target.checked ? "filled" : "open" })}
          />
          the void round its edge is filled, as its maker says
        </label>
      )}
    </Part>
  );
}

/** What brings a panel's lines level with its neighbour's. */
const PanelBlocks = ({ of, say }: { readonly of: BlockHeight; readonly say: Say }) => (
  <span className={of.kind === "block" ? "" : "trouble"}>
    {of.kind === "block"
      ? say(`${of.mm} mm, instead of the {packers} below: its lines then meet the neighbour's`)
      : of.kind === "too-low"
        ? say(`its lines stand ${of.byMm} mm too high even on the floor: it is the wrong panel, or the wrong way up`)
        : say(`its lines stand ${of.byMm} mm too low with all the play under it: they cannot meet`)}
  </span>
);

const Item = ({ name, children }: { readonly name: Template; readonly children: ReactNode }) => (
  <div className="grid grid-cols-[7rem_1fr] gap-3 py-2">
    <dt className="font-medium">
      <Said>{name}</Said>
    </dt>
    <dd>{children}</dd>
  </div>
);
