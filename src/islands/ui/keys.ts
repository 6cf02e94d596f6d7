import { useEffect, useRef } from "react";

/** Whether a key goes into a field, or is held with another: then it is no shortcut. */
export function isTyping(e: KeyboardEvent): boolean {
  if (e.ctrlKey || e.metaKey || e.altKey || e.defaultPrevented) return true;
  const at = e.target instanceof HTMLElement ? e.target : null;
  if (!at) return false;
  if (at.closest("dialog[open]")) return true;
  return at.isContentEditable || /^(input|textarea|select)$/i.test(at.tagName)
    ? !/^(checkbox|radio|button)$/.test((at as HTMLInputElement).type ?? "")
    : false;
}

/**
 * What each key does on a page, while nobody types in a field. A key that does nothing here is left to the browser.
 * @param where - whose keys these are: the root element says in `data-keys` whose are heard by now
 */
export function useKeys(
  where: "page" | "units" | "pane" | "steps",
  act: (e: KeyboardEvent) => (() => unknown) | null | undefined,
): void {
  const press = useRef(act);
  press.current = act;
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const does = isTyping(e) ? null : press.current(e);
      if (!does) return;
      e.preventDefault();
      does();
    };
    const heard = document.documentElement.dataset;
    window.addEventListener("keydown", onKey);
    heard["keys"] = `${heard["keys"] ?? ""} ${where}`;
    return () => {
      window.removeEventListener("keydown", onKey);
      heard["keys"] = heard["keys"]?.replace(` ${where}`, "") ?? "";
    };
  }, [where]);
}
