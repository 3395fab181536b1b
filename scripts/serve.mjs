// The built program on a port: Next.js, and before it one look at the address asked for, since the
// framework answers an address it can't decode with an error of its own.
import { createServer } from "node:http";
import { parseArgs } from "node:util";
import next from "next";

process.env.NODE_ENV = "production";
const { values } = parseArgs({
  options: {
    host: { type: "string", default: "127.0.0.1" },
    port: { type: "string", default: "3000" },
  },
});
const port = Number(values.port);
const app = next({ dev: false, hostname: values.host, port });
await app.prepare();
const handle = app.getRequestHandler();

/** Whether an address can be decoded: `/cakes/%ff` can't, no text has those bytes. */
function isDecodable(address) {
  try {
    decodeURIComponent(address.split("?", 1)[0]);
    return true;
  } catch {
    return false;
  }
}

const server = createServer((request, response) => {
  if (isDecodable(request.url ?? "/")) return void handle(request, response);
  response.writeHead(400, {
    "content-type": "text/plain; charset=utf-8",
    "x-content-type-options": "nosniff",
  });
  response.end("This address can't be read: what stands after a % in it is no letter.\n");
});

/** Told to stop, it answers what was asked and takes nothing new. */
function stop(code) {
  server.close(() => void app.close().finally(() => process.exit(code)));
  server.closeIdleConnections();
}
process.once("SIGTERM", () => stop(143));
process.once("SIGINT", () => stop(130));
server.listen(port, values.host, () => console.log(`Ready on http://${values.host}:${port}`));
