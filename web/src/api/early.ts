// What the page asked for itself while these scripts were on their way: a telephone's line has nothing else to do then.

declare global {
  var askedEarly: Record<string, Promise<Response | undefined>> | undefined;
}

/** Answers older than this, milliseconds, are asked for again: somebody else may sit here by now. */
const FRESH = 10_000;

/** Asks the server, or takes the answer to what the page asked as it opened; each of those is taken once. */
export async function asked(request: Request): Promise<Response> {
  const { pathname, search } = new URL(request.url);
  const early = request.method === "GET" && !search ? globalThis.askedEarly?.[pathname] : undefined;
  if (!early || performance.now() > FRESH) return fetch(request);
  delete globalThis.askedEarly?.[pathname];
  return (await early) ?? fetch(request);
}
