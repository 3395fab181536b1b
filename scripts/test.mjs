// Types, lint, structure, unit tests, build, browser tests: everything that has to be green, on a
// machine with Node alone.
import { existsSync } from "node:fs";
import { spawn, spawnSync } from "node:child_process";
import { join } from "node:path";
import { build, checkNode, CHROMIUM, fail, install, NEXT, ROOT } from "./machine.mjs";

function installChromium() {
  if (existsSync(CHROMIUM)) return;
  const byHand = `The browser tests need Debian's Chromium at ${CHROMIUM}. Install it with: apt-get install -y chromium`;
  const isRoot = typeof process.getuid === "function" && process.getuid() === 0;
  if (!isRoot || spawnSync("apt-get", ["--version"]).status !== 0) fail(byHand);
  console.log("Installing Chromium for the browser tests.");
  const apt = (args) =>
    spawnSync("apt-get", args, {
      stdio: "inherit",
      env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" },
    }).status === 0;
  if (!apt(["update"]) || !apt(["install", "-y", "--no-install-recommends", "chromium"]))
    fail(byHand);
}

const running = new Set();

/**
 * Runs one check, shows what it said and took when it is over, or as it says it, and gives that
 * back.
 */
function check(name, args, isAlone = false) {
  const begun = performance.now();
  const child = spawn(process.execPath, args, {
    cwd: ROOT,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NO_COLOR: "1", FORCE_COLOR: "0" },
  });
  running.add(child);
  const said = [];
  let printed = "";
  const say = (part) => {
    if (isAlone) process.stdout.write(part);
    else said.push(part);
  };
  if (isAlone) console.log(`\n== ${name}`);
  child.stdout.on("data", (part) => {
    say(part);
    printed += part;
  });
  child.stderr.on("data", say);
  return new Promise((resolve) => {
    child.on("close", (status) => {
      running.delete(child);
      const seconds = Math.round((performance.now() - begun) / 1000);
      console.log(`\n== ${name}, ${seconds} s`);
      for (const part of said) process.stdout.write(part);
      if (status === 0) resolve(printed);
      else failed(name);
    });
  });
}

function failed(name) {
  for (const child of running) child.kill("SIGKILL");
  console.error(`\n${name}: failed.`);
  console.log(`${passed} passed, 1 failed`);
  process.exit(1);
}

/** Checks one after the other; a machine with two cores has time for two such rows at once. */
async function inTurn(checks) {
  for (const [name, args] of checks) await check(name, args);
}

const bin = (name, ...path) => join("node_modules", name, ...path);
const cruise = (config) => [
  bin("dependency-cruiser", "bin", "dependency-cruise.mjs"),
  "--config",
  config,
  "src",
];
let passed = 0;
const count = (output, pattern) => {
  passed += Number(pattern.exec(output)?.[1] ?? 0);
};

checkNode();
install();
installChromium();
await check("routes", [NEXT, "typegen"]);
await Promise.all([
  check("lint", [bin("eslint", "bin", "eslint.js"), "--max-warnings", "0", "."]),
  inTurn([
    ["types", [bin("typescript", "bin", "tsc"), "--noEmit"]],
    ["format", [bin("prettier", "bin", "prettier.cjs"), "--check", "--log-level", "warn", "."]],
    ["unused code", [bin("knip", "bin", "knip.js")]],
    ["structure", cruise(".dependency-cruiser.cjs")],
    ["folders", cruise(".dependency-cruiser.folders.cjs")],
    ["names", [join("scripts", "exported-once.mjs")]],
  ]),
]);
count(
  await check("unit tests", [bin("vitest", "vitest.mjs"), "run", "--reporter", "dot"]),
  /Tests\s+(\d+) passed/,
);
// Annotated recipe texts stand beside the project on the machines it is made on.
const SCORER = join(ROOT, "..", "shared", "corpus", "score.mjs");
if (existsSync(SCORER)) await check("reading", [join("scripts", "score-reading.mjs"), SCORER]);
const tortured = check("torture", [
  bin("tsx", "dist", "cli.mjs"),
  join("scripts", "torture.ts"),
  "--kills",
  "8",
  "--inputs",
  "2000",
]);
build();
await tortured;
count(
  await check("browser tests", [bin("@playwright/test", "cli.js"), "test"], true),
  /(\d+) passed/,
);
console.log(`\n${passed} passed, 0 failed`);
