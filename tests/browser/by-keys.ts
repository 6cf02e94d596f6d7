import { expect, type Page } from "@playwright/test";
import { ready } from "./pane-of-ones-own.ts";

/** What stands on the thing that has the focus: what it is, and the name it is called by. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const at = document.activeElement;
    if (!(at instanceof HTMLElement) || at === document.body) return "nothing";
    const labels = at instanceof HTMLInputElement || at instanceof HTMLSelectElement ? [...(at.labels ?? [])] : [];
    const text = at instanceof HTMLSelectElement ? "" : at.innerText;
    const name = at.getAttribute("aria-label") ?? (labels.map((l) => l.innerText).join(" ") || text);
    const kind = at instanceof HTMLInputElement ? at.type : at.tagName.toLowerCase();
    return `${kind} ${name.replace(/\s+/g, " ").trim()}`;
  });

/** Somebody who has a keyboard and nothing else: every move is a key, and where the focus is gone the journey ends. */
export class ByKeys {
  /** Keys pressed, those of words and figures left out. */
  keys = 0;
  constructor(private readonly page: Page) {}

  async key(key: string): Promise<void> {
    this.keys++;
    await this.page.keyboard.press(key);
  }

  /** Presses Tab until what has the focus is called so. */
  async to(name: RegExp, most = 60): Promise<void> {
    const seen: string[] = [];
    for (let i = 0; i <= most; i++) {
      const at = await focused(this.page);
      if (name.test(at)) return;
      seen.push(at);
      await this.key("Tab");
    }
    throw new Error(`No ${name} by ${most} keys, past:\n${seen.join("\n")}`);
  }

  /** Goes there and presses it. What comes next has the focus then. */
  async press(name: RegExp, key = "Enter"): Promise<void> {
    await this.to(name);
    await this.key(key);
    await this.still();
  }

  /** Follows a link, or sends a form, that leads to another page, and waits until that page answers. */
  async follow(name: RegExp, to: RegExp): Promise<void> {
    await this.to(name);
    await this.key("Enter");
    await this.page.waitForURL(to);
    await ready(this.page);
  }

  /** Goes to the group by Tab and along it by arrows: one of several. */
  async choose(group: RegExp, name: RegExp): Promise<void> {
    await this.to(group);
    for (let i = 0; i < 12 && !name.test(await focused(this.page)); i++) await this.key("ArrowDown");
    expect(await focused(this.page)).toMatch(name);
    await this.key("Space");
    await this.still();
  }

  /** Goes to a list and types how what is wanted begins. */
  async pick(list: RegExp, begins: string): Promise<void> {
    await this.to(list);
    await this.page.keyboard.type(begins);
    await this.still();
  }

  /** Goes to a field and types what belongs there; Enter keeps it. */
  async fill(field: RegExp, text: string): Promise<void> {
    await this.to(field);
    await this.page.keyboard.type(text);
    await this.key("Enter");
    await this.still();
  }

  /** Lets go of what has the focus, and opens a station by its digit. */
  async station(digit: number, path: string): Promise<void> {
    await this.key("Escape");
    await this.key(String(digit));
    await expect(this.page).toHaveURL(new RegExp(`${path}$`));
    await expect.poll(() => focused(this.page)).toMatch(/^section Station/);
  }

  /** Something has the focus, once the page has drawn what the key did. */
  private async still(): Promise<void> {
    await this.page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
    await expect.poll(() => focused(this.page)).not.toBe("nothing");
  }
}
