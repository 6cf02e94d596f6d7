/** All that this application keeps on a device: rounds, what waits, photos, the application itself. */
export async function wipeDevice(): Promise<void> {
  if (typeof indexedDB !== "undefined") {
    const all = (await indexedDB.databases?.().catch(() => [])) ?? [];
    for (const { name } of all) if (name) indexedDB.deleteDatabase(name);
  }
  if (typeof caches !== "undefined") for (const name of await caches.keys()) await caches.delete(name);
  const workers = (await navigator.serviceWorker?.getRegistrations().catch(() => [])) ?? [];
  for (const worker of workers) await worker.unregister();
  localStorage.clear();
  sessionStorage.clear();
}

/** The office said that this device is lost. */
export async function leaveLost(): Promise<void> {
  await wipeDevice();
  location.replace("/sign-in?why=lost");
}
