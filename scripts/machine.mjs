// What every script needs of the machine: plain Node, so that it runs before anything is installed.
import { createHash } from "node:crypto";
import { spawn, spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

export const ROOT = fileURLToPath(new URL("..", import.meta.url));
export const NEXT = join("node_modules", "next", "dist", "bin", "next");
/** The server of the built program: `--host`, `--port`. */
export const SERVE = join("scripts", "serve.mjs");
export const TSX = join("node_modules", "tsx", "dist", "cli.mjs");

/** Debian's browser, and what it needs to run here without looking for a network. */
export const CHROMIUM = "/usr/bin/chromium";
export const CHROMIUM_ARGS = [
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
];

const NEEDED = [20, 19];

/** Ends with a clear message when this Node is too old. */
export function checkNode(version = process.versions.node) {
  const [major, minor] = version.split(".").map(Number);
  if (major > NEEDED[0] || (major === NEEDED[0] && minor >= NEEDED[1])) return;
  fail(`Steady Tin needs Node ${NEEDED.join(".")} or newer; this is Node ${version}.`);
}

/** Says what is wrong and ends. */
export function fail(message) {
  console.error(message);
  process.exit(1);
}

/** Runs a command in the project and ends when it fails. */
export function run(command, args, env = {}) {
  const result = spawnSync(command, args, {
    cwd: ROOT,
    stdio: "inherit",
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env },
  });
  if (result.error !== undefined) fail(`${command} can't be run: ${result.error.message}`);
  if (result.status !== 0) fail(`${[command, ...args].join(" ")} failed.`);
}

/**
 * Hash of the contents of files and folders; equal contents, equal hash, whatever their times say.
 */
export function contentHash(paths) {
  const hash = createHash("sha256");
  const add = (path) => {
    const full = join(ROOT, path);
    if (!existsSync(full)) return;
    if (statSync(full).isDirectory()) {
      for (const name of readdirSync(full).sort()) add(join(path, name));
      return;
    }
    hash.update(path).update("\0").update(readFileSync(full)).update("\0");
  };
  paths.forEach(add);
  return hash.digest("hex");
}

/** Runs `work` unless it was last run on the same contents; `mark` remembers them. */
export function whenChanged(mark, paths, work) {
  const file = join(ROOT, mark);
  const hash = contentHash(paths);
  if (existsSync(file) && readFileSync(file, "utf8") === hash) return false;
  work();
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, hash);
  return true;
}

/**
 * Installs what the lock file names, when it is missing or was installed from another lock file.
 */
export function install() {
  whenChanged(join("node_modules", ".steady-tin-lock"), ["package-lock.json"], () => {
    console.log("Installing what Steady Tin needs; this takes about a minute.");
    run(process.platform === "win32" ? "npm.cmd" : "npm", [
      "ci",
      "--include=dev",
      "--no-audit",
      "--no-fund",
    ]);
  });
}

const SOURCES = [
  "src",
  "package.json",
  "package-lock.json",
  "next.config.ts",
  "postcss.config.mjs",
  "tsconfig.json",
];

/** Builds the application when its sources changed. */
export function build() {
  whenChanged(join(".next", ".steady-tin-build"), SOURCES, () => {
    console.log("Building; this takes about a minute the first time.");
    run(process.execPath, [NEXT, "build"]);
  });
}

/** Brings the database up to date and lays in the demo kitchen the first time. */
export function prepare(env = {}) {
  run(process.execPath, [TSX, join("src", "cli", "prepare.ts")], env);
}

/** Starts a server so that stopping this script stops it too. */
export function startServer(args, env = {}) {
  const child = spawn(process.execPath, args, {
    cwd: ROOT,
    stdio: ["ignore", "pipe", "inherit"],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env },
  });
  for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"])
    process.once(signal, () => child.kill("SIGTERM"));
  const parent = process.ppid;
  // Killed hard, npm leaves this script behind; it then stops by itself.
  const watch = setInterval(() => {
    if (process.ppid !== parent) child.kill("SIGTERM");
  }, 1000);
  child.once("exit", () => clearInterval(watch));
  return child;
}
