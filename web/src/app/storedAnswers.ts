// What the service worker keeps of the server's answers, so that a reload without the server still has them.

/** Forgets all of it on this device: what was erased must not come back from there. */
export async function forgetStoredAnswers(): Promise<void> {
  if (!("caches" in globalThis)) return;
  const names = await caches.keys();
  await Promise.all(names.filter((name) => name === "floor").map((name) => caches.delete(name)));
}
