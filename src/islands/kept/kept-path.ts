import type { PaneView } from "../../core/page/pane-page.ts";
import { isStation } from "../../core/plan/stations.ts";

/** Which page an address asks for, of those that a device can make by itself. */
export type KeptPath =
  | { readonly page: "round"; readonly round: string | null }
  | { readonly page: "pane"; readonly pane: string; readonly view: PaneView | null }
  | { readonly page: "new-pane"; readonly round: string | null }
  | { readonly page: "new-round" }
  | {
      readonly page: "kit";
      readonly round: string;
      readonly day: string | null;
      readonly panes: readonly string[] | null;
    }
  | { readonly page: "quote"; readonly round: string }
  | { readonly page: "day"; readonly who: string | null; readonly on: string | null }
  | { readonly page: "orders" }
  | { readonly page: "order"; readonly order: string }
  | { readonly page: "order-sheet"; readonly order: string }
  | { readonly page: "house" }
  | { readonly page: "other" };

const isView = (text: string): text is PaneView => text === "logbook" || isStation(text);

/** @example keptPath(new URL("http://x/panes/7/measure")) // { page: "pane", pane: "7", view: "measure" } */
export function keptPath({ pathname, searchParams }: URL): KeptPath {
  const [first = "", id = "", third = ""] = pathname.split("/").filter(Boolean);
  if (first === "") return { page: "round", round: searchParams.get("round") };
  if (first === "house" && id === "") return { page: "house" };
  if (first === "panes" && id === "new") return { page: "new-pane", round: searchParams.get("round") };
  if (first === "panes" && id !== "" && (third === "" || isView(third)))
    return { page: "pane", pane: id, view: third === "" ? null : third };
  if (first === "rounds" && id === "new") return { page: "new-round" };
  if (first === "rounds" && third === "kit")
    return {
      page: "kit",
      round: id,
      day: searchParams.get("day"),
      panes: searchParams.has("only") ? searchParams.getAll("pane") : null,
    };
  if (first === "rounds" && third === "quote") return { page: "quote", round: id };
  if (first === "plan" && id === "day" && third === "")
    return { page: "day", who: searchParams.get("who"), on: searchParams.get("on") };
  if (first === "orders" && id === "") return { page: "orders" };
  if (first === "orders" && id !== "" && third === "") return { page: "order", order: id };
  if (first === "orders" && third === "sheet") return { page: "order-sheet", order: id };
  return { page: "other" };
}
