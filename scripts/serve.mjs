// The built program on a port: Next.js, and before it one look at what is asked, since the framework
// answers an address, a form or a header that it can't read with an error of its own.
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
let handle;
// The door to the home network hands in here whom it lets pass (src/server/door).
globalThis.steadyTinInside = { port, answer };
await app.prepare();
handle = app.getRequestHandler();

/** Whether an address can be decoded: `/cakes/%ff` can't, no text has those bytes. */
function isDecodable(address) {
  try {
    decodeURIComponent(address.split("?", 1)[0]);
    return true;
  } catch {
    return false;
  }
}

/** What a page's own script sends along to say where it is. */
function isTreeText(text) {
  try {
    return isTree(JSON.parse(decodeURIComponent(text)));
  } catch {
    return false;
  }
}

/** A segment, and what stands in its places. */
function isTree(tree) {
  if (!Array.isArray(tree)) return false;
  const [segment, places] = tree;
  return (
    (typeof segment === "string" || Array.isArray(segment)) &&
    typeof places === "object" &&
    places !== null &&
    Object.values(places).every(isTree)
  );
}

const ACTION = /^[\da-f]{40,44}$/u;

/** Why a request is not one that a page of this kitchen sends; null for one that may be. */
function notOurs({ url = "/", method, headers }) {
  if (!isDecodable(url))
    return "This address can't be read: what stands after a % in it is no letter.";
  const { "next-action": action, "next-router-state-tree": tree } = headers;
  if (tree !== undefined && !isTreeText(tree))
    return "This request says nothing of where it comes from.";
  if (action !== undefined && (method !== "POST" || !ACTION.test(action)))
    return "This request asks for nothing that this kitchen does.";
  const isForm = /^\s*(?:multipart\/|application\/x-www-form)/iu.test(
    headers["content-type"] ?? "",
  );
  return method === "POST" && isForm && action === undefined
    ? "No page of this kitchen sends such a form."
    : null;
}

function answer(request, response) {
  const why = notOurs(request);
  if (why === null) return void handle(request, response);
  response.writeHead(400, {
    "content-type": "text/plain; charset=utf-8",
    "x-content-type-options": "nosniff",
    connection: "close",
  });
  response.end(`${why}\n`);
}

const server = createServer((request, response) => {
  // Only the door says who somebody is.
  for (const name of Object.keys(request.headers))
    if (name.startsWith("x-steady-tin-")) delete request.headers[name];
  answer(request, response);
});

/** Told to stop, it answers what was asked and takes nothing new. */
function stop(code) {
  server.close(() => void app.close().finally(() => process.exit(code)));
  server.closeIdleConnections();
}
process.once("SIGTERM", () => stop(143));
process.once("SIGINT", () => stop(130));
server.listen(port, values.host, () => console.log(`Ready on http://${values.host}:${port}`));
