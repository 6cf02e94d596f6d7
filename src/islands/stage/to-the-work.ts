/**
 * Brings the station's own work into sight where there is room for one thing: its side in front of the tabs, from its top,
 * where what is next stands first.
 */
export function toTheWork() {
  document.querySelector<HTMLElement>('[role="tab"][aria-controls="stage-side"]')?.click();
  window.scrollTo({ top: 0 });
}
