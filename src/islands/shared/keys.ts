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
