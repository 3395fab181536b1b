import { toString } from "qrcode";
import { DOOR_TROUBLE, startText } from "@/words/door";
import { homeAddresses, invited, openDoor } from "./door";

/** Opens the door with the program, and prints a link for the first device, with its square code. */
export async function openFromStart(): Promise<void> {
  const [address] = homeAddresses();
  const issue = address === undefined ? "no-network" : await openDoor(address);
  if (issue !== null) {
    console.error(DOOR_TROUBLE[issue]);
    return;
  }
  const link = invited("all", new Date());
  if (link === null) return;
  const code = await toString(link, { type: "terminal", small: true, errorCorrectionLevel: "L" });
  console.log(`\n${startText(link)}\n${code}`);
}
