/** Begun once with the server. */
export async function register(): Promise<void> {
  if (process.env["NEXT_RUNTIME"] !== "nodejs") return;
  const { keepBackingUp } = await import("./server/backing-up");
  keepBackingUp();
}
