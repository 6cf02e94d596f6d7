export const THEMES = ["device", "light", "dark"] as const;
export type Theme = (typeof THEMES)[number];
const KEPT = "pp-theme";

/** What this device was told to show; it goes by its own setting until then, and where nothing can be kept. */
export function keptTheme(): Theme {
  try {
    return THEMES.find((t) => t === localStorage.getItem(KEPT)) ?? "device";
  } catch {
    return "device";
  }
}

/** Shows a theme on this page, and keeps it for the next ones on this device. */
export function showTheme(theme: Theme): void {
  if (theme === "device") delete document.documentElement.dataset["theme"];
  else document.documentElement.dataset["theme"] = theme;
  try {
    localStorage.setItem(KEPT, theme);
  } catch {
    // A browser that keeps nothing shows it on this page.
  }
}
