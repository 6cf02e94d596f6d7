import { writeFile } from "node:fs/promises";
import { expect, test } from "@playwright/test";
import sharp from "sharp";
import { addPane, allSent, openStation, openTab, ready } from "./pane-of-ones-own.ts";

/** A made-up photo with a place in its metadata: a pale square with a dark line across. */
const photo = (): Promise<Buffer> =>
  sharp({ create: { width: 2400, height: 1800, channels: 3, background: "#bcd4cc" } })
    .withExif({ IFD0: { ImageDescription: "a pane" }, IFD3: { GPSLatitudeRef: "N", GPSLatitude: "51/1 30/1 0/1" } })
    .jpeg()
    .toBuffer();

test("a photo is taken in, shrunk, marked, and is there after a reload, without its place", async ({ page }) => {
  await addPane(page);
  await openTab(page, "Photos");
  const chooser = page.getByLabel("Take or choose photos");
  await chooser.setInputFiles({ name: "pane.jpg", mimeType: "image/jpeg", buffer: await photo() });
  const thumb = page.getByRole("button", { name: /^Photo .*open and mark it/ });
  await expect(thumb).toHaveCount(1);
  await thumb.click();
  const sheet = page.getByRole("dialog");
  const picture = sheet.getByRole("img", { name: "Photo" });
  const box = await picture.boundingBox();
  if (!box) throw new Error("no picture");
  await page.mouse.move(box.x + box.width * 0.2, box.y + box.height * 0.2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.6, box.y + box.height * 0.6, { steps: 4 });
  await page.mouse.up();
  await expect(sheet.getByRole("button", { name: "Take back an arrow" })).toBeVisible();
  await sheet.getByLabel("What it shows").fill("crack from the foot");
  await sheet.getByRole("button", { name: "Keep it", exact: true }).click();
  await allSent(page);
  const src = async () => page.locator("svg image").first().getAttribute("href");
  // It waits in this browser until the server has it; then the server shows it.
  await expect(async () => {
    await page.reload();
    await ready(page);
    await openTab(page, "Photos");
    await expect(page.getByText("crack from the foot")).toBeVisible();
    expect(await src()).toMatch(/^\/api\/photos\//);
  }).toPass();
  const kept = await page.request.get((await src()) ?? "");
  expect(kept.headers()).toMatchObject({ "content-type": "image/jpeg", "x-content-type-options": "nosniff" });
  const meta = await sharp(await kept.body()).metadata();
  expect([meta.width, meta.height, meta.exif]).toEqual([1600, 1200, undefined]);
  await page.getByRole("button", { name: /crack from the foot/ }).click();
  await page.getByRole("button", { name: "Take the photo off" }).click();
  await expect(page.getByText("crack from the foot")).toHaveCount(0);
});

test("what is no photo gets a clear no, and a good one beside it is kept", async ({ page }) => {
  await addPane(page);
  await openTab(page, "Photos");
  const chooser = page.getByLabel("Take or choose photos");
  await chooser.setInputFiles([
    { name: "notes.jpg", mimeType: "image/jpeg", buffer: Buffer.from("width 612, height 904") },
    {
      name: "sly.svg",
      mimeType: "image/svg+xml",
      buffer: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'),
    },
    {
      name: "sly.jpg",
      mimeType: "image/jpeg",
      buffer: Buffer.concat([await photo(), Buffer.from("<ScRiPt>alert(1)</script>")]),
    },
    {
      name: "cut.png",
      mimeType: "image/png",
      buffer: Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0]),
    },
    { name: "good.jpg", mimeType: "image/jpeg", buffer: await photo() },
  ]);
  const said = (name: string) => page.getByRole("alert").filter({ hasText: `${name}:` });
  await expect(said("notes.jpg")).toContainText("not a photo, whatever its name says");
  await expect(said("sly.svg")).toContainText("JPEG, PNG and WebP are taken");
  await expect(said("sly.jpg")).toContainText("carries a script");
  await expect(said("cut.png")).toContainText("cut off or damaged");
  await expect(page.getByRole("button", { name: /open and mark it/ })).toHaveCount(1);
  const huge = test.info().outputPath("huge.jpg");
  await writeFile(huge, Buffer.alloc(30_000_000, 0xff));
  await chooser.setInputFiles(huge);
  await expect(said("huge.jpg")).toContainText("30 MB: a photo of up to 20 MB is taken");
  await expect(page.getByRole("button", { name: /open and mark it/ })).toHaveCount(1);
});

test("the server says the same no to whoever sends it straight", async ({ page }) => {
  const put = async (body: Buffer, id: string = crypto.randomUUID()) => {
    const answer = await page.request.put(`/api/photos/${id}`, {
      data: body,
      headers: { "content-type": "image/jpeg" },
    });
    return [answer.status(), ((await answer.json()) as { error?: { code: string } }).error?.code ?? "taken"];
  };
  expect(await put(Buffer.from("hello"))).toEqual([415, "photo-not-a-photo"]);
  expect(await put(Buffer.from("<svg><script>alert(1)</script></svg>"))).toEqual([415, "photo-not-a-photo"]);
  expect(await put(Buffer.concat([await photo(), Buffer.from("<script>1</script>")]))).toEqual([422, "photo-script"]);
  expect(await put(Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]))).toEqual([422, "photo-broken"]);
  expect(await put(Buffer.alloc(21_000_000, 0xff))).toEqual([413, "photo-too-large"]);
  expect(await put(Buffer.alloc(0))).toEqual([400, "photo-empty"]);
  expect(await put(await photo(), "not-an-id")).toEqual([400, "invalid"]);
  const id = crypto.randomUUID();
  expect(await put(await photo(), id)).toEqual([200, "taken"]);
  expect(await put(await photo(), id)).toEqual([200, "taken"]);
});

test("a packer on the map is dragged along its edge and round the corner, and a tap on it only opens it", async ({
  page,
}) => {
  await addPane(page);
  await openStation(page, "Take out");
  await openTab(page, "How it was");
  const map = page.getByRole("img", { name: /^How it was/ });
  const at = async (x: number, y: number): Promise<[number, number]> => {
    const box = await map.boundingBox();
    if (!box) throw new Error("no map");
    return [box.x + box.width * x, box.y + box.height * y];
  };
  await page.mouse.click(...(await at(0.3, 0.88)));
  const told = page.getByRole("listitem").filter({ hasText: /^packer/ });
  await expect(told).toHaveText(/^packer, bottom, (19|2\d)% from the left/);
  const drag = async (from: [number, number], to: [number, number]) => {
    await page.mouse.move(...from);
    await page.mouse.down();
    await page.mouse.move(...to, { steps: 6 });
    await page.mouse.up();
  };
  await drag(await at(0.3, 0.875), await at(0.7, 0.875));
  await expect(told).toHaveText(/^packer, bottom, (7|8)\d% from the left/);
  await drag(await at(0.7, 0.875), await at(0.85, 0.5));
  await expect(told).toHaveText(/^packer, right, (4|5)\d% from the foot/);
  await page.getByRole("button", { name: "Keep it", exact: true }).click();
  await page.mouse.click(...(await at(0.855, 0.5)));
  await expect(page.getByRole("button", { name: "Take it off the map" })).toBeVisible();
  await expect(told).toHaveCount(1);
  await allSent(page);
});

test.describe("on the phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test("a whole map with one thumb, and it is there when the new pane is set", async ({ page }) => {
    await addPane(page);
    await openStation(page, "Take out");
    await openTab(page, "How it was");
    const map = page.getByRole("img", { name: /^How it was/ });
    await map.scrollIntoViewIfNeeded();
    const tap = async (x: number, y: number) => {
      const box = await map.boundingBox();
      if (!box) throw new Error("no map");
      await page.touchscreen.tap(box.x + box.width * x, box.y + box.height * y);
    };
    await tap(0.3, 0.93);
    await page.getByRole("button", { name: "3", exact: true }).tap();
    await page.getByRole("button", { name: "Keep it", exact: true }).tap();
    await tap(0.75, 0.93);
    await page.getByRole("button", { name: "2", exact: true }).tap();
    await page.getByRole("button", { name: "Keep it", exact: true }).tap();
    await page.getByRole("radio", { name: "drain hole" }).tap();
    await map.scrollIntoViewIfNeeded();
    await tap(0.5, 0.93);
    await page.getByRole("radio", { name: "gasket, lip this way" }).tap();
    await map.scrollIntoViewIfNeeded();
    await tap(0.06, 0.5);
    await page.getByLabel("which way the lip lies").fill("lip to the room");
    await page.getByRole("button", { name: "Keep it", exact: true }).tap();
    const list = page.getByRole("listitem");
    await expect(list.filter({ hasText: /^packer, bottom, \d+% from the left, 3 mm thick$/ })).toHaveCount(1);
    await expect(list.filter({ hasText: /^packer, bottom, \d+% from the left, 2 mm thick$/ })).toHaveCount(1);
    await expect(list.filter({ hasText: /^drain hole, bottom/ })).toHaveCount(1);
    await expect(list.filter({ hasText: "lip to the room" })).toHaveCount(1);
    await allSent(page);
    await page.reload();
    await ready(page);
    await openTab(page, "How it was");
    await expect(page.getByRole("img", { name: /^How it was.*4 on the map/ })).toBeVisible();
    await openStation(page, "Set");
    await openTab(page, "How it was");
    await page.getByRole("button", { name: "Seen from the other side" }).tap();
    await expect(page.getByRole("img", { name: /seen from the other side: 4 on the map/ })).toBeVisible();
  });
});
