import QRCode from "qrcode";
import { type Firm, withFirm } from "../core/firm/firm.ts";
import { frameOf } from "../core/frame/systems.ts";
import type { FirmDetails } from "../core/log/kinds/firm.ts";
import { EARLIER_FACTS } from "../core/look/earlier.ts";
import { type Option, optionsFor, ownerNote, recommend } from "../core/look/options.ts";
import { foldPane, type PaneBook } from "../core/pane/book.ts";
import { optionLeads } from "../core/pane/option-leads.ts";
import { optionsFacts } from "../core/pane/options-facts.ts";
import { labelOf } from "../core/pane/order-line.ts";
import { type Reckoning, reckon } from "../core/pane/reckoning.ts";
import { sharedFindBest } from "../core/size/shared-best.ts";
import type { Template } from "../core/text/template.ts";
import { entriesOfPane } from "../db/entry-log.ts";
import { loadFirm } from "./firm.ts";
import { recordsOf } from "./supplier-records.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

type Found = { readonly book: PaneBook; readonly r: Reckoning; readonly currency: string; readonly firm: Firm };

function paneNow(id: string): Found | undefined {
  const db = theDatabase();
  const { firm } = loadFirm(db);
  const book = foldPane(id, entriesOfPane(db, id));
  return book && { book, r: reckon(book, withFirm(firm, sharedFindBest)), currency: firm.house.currency, firm };
}

export type Tag = {
  readonly of: string;
  readonly says: Template;
  /** What its square opens. */
  readonly opens: string;
  readonly qr: string;
  /** It says how the old pane was marked: on what stays at the window that means nothing years later. */
  readonly marked: boolean;
};
export type Tags = {
  readonly label: string;
  readonly system: Template;
  readonly side: string;
  readonly inside: string;
  readonly top: string;
  readonly tags: readonly Tag[];
};

/** Tags for sash, bag of beads and pane: what it is, where it belongs, inside and up; and one for the frame, that stays. */
export async function paneTags(id: string, origin: string): Promise<Tags | undefined> {
  const found = paneNow(id);
  if (!found) return undefined;
  const { book } = found;
  const square = (path: string): Promise<string> =>
    QRCode.toString(`${origin}${path}`, { type: "svg", margin: 1, errorCorrectionLevel: "M" });
  const [pane, life] = [await square(`/panes/${id}`), await square(`/windows/${id}`)];
  const ofPane = { opens: "this pane's page", qr: pane, marked: true };
  const order = book.before.joints ? "{beads} numbered as they came out" : "{beads}";
  return {
    label: labelOf(book),
    system: book.added.unsaid ? "frame not said yet" : frameOf(book.added.system).name,
    side: book.added.unsaid ? "" : book.added.side,
    inside: book.marks?.insideFace ?? "",
    top: book.marks?.topEdge ?? "",
    tags: [
      { of: "Sash", says: "goes back into this opening and no other", ...ofPane },
      { of: "Bag", says: `${order}, screws, plugs and {packers}`, ...ofPane },
      { of: "Pane", says: "inside face to the room, arrow up", ...ofPane },
      {
        of: "Frame",
        says: "stays at the window, out of the weather: whoever mends it next finds its sizes, {beads} and {packers}",
        opens: "all that was ever done to this window",
        qr: life,
        marked: false,
      },
    ],
  };
}

export type OptionsPaper = {
  readonly label: string;
  readonly currency: string;
  readonly options: readonly Option[];
  readonly best: ReturnType<typeof recommend>;
  readonly chosen: string | null;
  /** What an earlier repair left, said without blame. */
  readonly earlier: readonly Template[];
  /** What to know beside the prices. */
  readonly note: Template | null;
  readonly firm: FirmDetails;
  /** Whose window it is; "" where nobody said. */
  readonly customer: string;
};

/** The customer's page: what can be done, what each costs, and what we would do. */
export function optionsPaper(id: string): OptionsPaper | undefined {
  const found = paneNow(id);
  if (!found) return undefined;
  const { book, r, firm } = found;
  const by = { firm, today: today(), record: recordsOf(theDatabase()) };
  const facts = optionsFacts(book, r, optionLeads(book, r, by));
  const options = optionsFor(facts, found.r.house);
  return {
    label: labelOf(found.book),
    currency: found.currency,
    options,
    best: recommend(options, facts),
    chosen: found.book.before.option?.option ?? null,
    earlier: found.book.before.earlier.map((e) => EARLIER_FACTS[e].tell),
    note: ownerNote(facts),
    firm: found.firm.details,
    customer: found.firm.customers.get(found.book.added.address)?.name ?? "",
  };
}
