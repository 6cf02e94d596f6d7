import type { Place } from "../../core/measure/places.ts";
import { barsText, coatingText } from "../../core/words/found.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { SiteForm } from "../panels/SiteForm.tsx";
import { BarsForm } from "./BarsForm.tsx";
import { CoatingForm } from "./CoatingForm.tsx";
import { HangForm } from "./HangForm.tsx";

/** Bars, coating, marks, how it hangs and where it stands: what later stations need, found while the tape is out. */
export function FoundPart({ ask }: { readonly ask: (place: Place) => void }) {
  const { book, say } = usePane();
  const found = [book.bars ? barsText(book.bars) : "", book.coating ? coatingText(book.coating) : ""].filter(Boolean);
  return (
    <Fold title="Bars, coating, marks, hinges, height" more={say(found.join(". ") || "for the stations after")}>
      <BarsForm />
      <CoatingForm />
      <HangForm ask={ask} />
      <SiteForm ask={ask} />
    </Fold>
  );
}
