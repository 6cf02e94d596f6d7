import { expect, type Locator, type Page } from "@playwright/test";

/** The least that a thumb in a glove hits, px. */
const TARGET = 44;

/** Somebody who has one thumb and a phone: each move is a tap on something in sight that is large enough and lies free. */
export class ByThumb {
  taps = 0;
  constructor(private readonly page: Page) {}

  /** Scrolls there if it must, and taps; what is too small, or lies under something else, ends the journey. */
  async tap(what: Locator): Promise<void> {
    await expect(what).toBeVisible();
    const found = await what.evaluate(async (e: HTMLElement) => {
      const seen = (e.closest("label") ?? (e as HTMLInputElement).labels?.[0] ?? e) as HTMLElement;
      const free = (): boolean => {
        const b = seen.getBoundingClientRect();
        const at = document.elementFromPoint(b.x + b.width / 2, b.y + b.height / 2);
        return at !== null && (seen.contains(at) || at.contains(seen));
      };
      if (!free()) {
        seen.scrollIntoView({ block: "center" });
        await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
      }
      const b = seen.getBoundingClientRect();
      return {
        x: b.x + b.width / 2,
        y: b.y + b.height / 2,
        w: b.width,
        h: b.height,
        free: free(),
        says: seen.innerText,
      };
    });
    expect(found.free, `nothing lies over “${found.says}”`).toBe(true);
    expect(Math.min(found.w, found.h), `“${found.says}” is as large as a thumb`).toBeGreaterThanOrEqual(TARGET - 0.5);
    this.taps++;
    await this.page.touchscreen.tap(found.x, found.y);
  }

  /** Taps into a field, and types with the phone's own keys. */
  async write(field: Locator, text: string): Promise<void> {
    await this.tap(field);
    await expect(field).toBeFocused();
    await this.page.keyboard.insertText(text);
  }
}
