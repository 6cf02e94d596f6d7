import { existsSync } from "node:fs";

/** Debian's Chromium, its shell without a window first, or the one that CHROMIUM names; kept from asking anybody anything. */
export const CHROMIUM = {
  executablePath:
    process.env["CHROMIUM"] ??
    ["/usr/bin/chromium-headless-shell", "/usr/bin/chromium"].find(existsSync) ??
    "/usr/bin/chromium",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
  ],
};
