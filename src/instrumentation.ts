/** Begun once with the server. */
export async function register(): Promise<void> {
  if (process.env["NEXT_RUNTIME"] !== "nodejs") return;
  const { keepBackingUp } = await import("./server/backing-up");
  keepBackingUp();
  if (process.env["STEADY_TIN_OPEN"] !== "yes") return;
  const { openFromStart } = await import("./server/door/from-start");
  await openFromStart();
}
