import { type Source, sourcesFor } from "../../core/order/sources.ts";
import { sourceFacts } from "../../core/pane/source-facts.ts";
import { usePane } from "../panels/pane-context.ts";

/** Every way to come by this pane, the one that we propose first. */
export function useSources(): readonly Source[] {
  const { book, reckoning, firm, today, records } = usePane();
  const facts = sourceFacts(book, reckoning, { firm, today, record: records });
  return facts ? sourcesFor(facts) : [];
}
