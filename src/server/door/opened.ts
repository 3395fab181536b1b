/** Where the door to the home network stands open. */
export type Opened = { readonly address: string; readonly port: number };

/**
 * Where the door is open; null while it is shut. The door itself is `door.ts`: whoever only wants
 * to know this needs neither it nor the data.
 */
export function openedAt(): Opened | null {
  const { steadyTinDoor: door } = globalThis as { readonly steadyTinDoor?: Opened };
  return door === undefined ? null : { address: door.address, port: door.port };
}
