// Everything a fresh clone needs: installs, brings the data up to date, builds, starts, prints the
// address.
import { createServer } from "node:net";
import { build, checkNode, fail, install, NEXT, prepare, SERVE, startServer } from "./machine.mjs";

const HOST = "127.0.0.1";
const isDev = process.argv.includes("--dev");
/** Opens the kitchen to the home network from the start, and prints a link for the first device. */
const isShared = process.argv.includes("--share");

function chosenPort() {
  const text = process.env.PORT ?? "3000";
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    fail(`PORT is "${text}": a whole number from 1 to 65535 is needed.`);
  return port;
}

function checkPort(port) {
  return new Promise((resolve) => {
    const server = createServer();
    server.once("error", (error) => {
      if (error.code === "EADDRINUSE")
        fail(
          `Port ${port} is in use. Close what uses it, or choose another: PORT=${port + 1} npm run demo`,
        );
      if (error.code === "EACCES")
        fail(`Port ${port} may not be used by this user. Choose another: PORT=3000 npm run demo`);
      fail(`Port ${port} can't be used: ${error.message}`);
    });
    server.listen(port, HOST, () => server.close(resolve));
  });
}

checkNode();
const port = chosenPort();
await checkPort(port);
install();
prepare();
if (!isDev) build();
const server = startServer(
  isDev
    ? [NEXT, "dev", "-H", HOST, "-p", String(port)]
    : [SERVE, "--host", HOST, "--port", String(port)],
  isShared ? { STEADY_TIN_OPEN: "yes" } : {},
);
let isReady = false;
server.stdout.on("data", (chunk) => {
  if (isDev || isShared) process.stdout.write(chunk);
  if (isReady || !/ready/i.test(String(chunk))) return;
  isReady = true;
  console.log(
    `\nSteady Tin is on the bench: http://${HOST}:${port}\nCtrl-C stops it. Your data stays in data/.`,
  );
});
server.once("exit", (code) => process.exit(isReady ? 0 : (code ?? 1)));
