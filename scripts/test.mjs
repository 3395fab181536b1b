// Types, lint, structure, unit tests, build, browser tests: everything that has to be green, on a
// machine with Node alone.
import { existsSync } from "node:fs";
import { spawnSync } from "node:child_process";
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

/** Runs one check, shows its output, and returns it. */
function check(name, args) {
  console.log(`\n== ${name}`);
  const result = spawnSync(process.execPath, args, {
    cwd: ROOT,
    encoding: "utf8",
    maxBuffer: 64 * 1024 * 1024,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NO_COLOR: "1", FORCE_COLOR: "0" },
  });
  process.stdout.write(result.stdout);
  process.stderr.write(result.stderr);
  if (result.status !== 0) {
    console.error(`\n${name}: failed.`);
    console.log(`${passed} passed, 1 failed`);
    process.exit(1);
  }
  return result.stdout;
}

const bin = (name, ...path) => join("node_modules", name, ...path);
let passed = 0;
const count = (output, pattern) => {
  passed += Number(pattern.exec(output)?.[1] ?? 0);
};

checkNode();
install();
installChromium();
check("routes", [NEXT, "typegen"]);
check("types", [bin("typescript", "bin", "tsc"), "--noEmit"]);
check("format", [bin("prettier", "bin", "prettier.cjs"), "--check", "--log-level", "warn", "."]);
check("lint", [bin("eslint", "bin", "eslint.js"), "--max-warnings", "0", "."]);
check("unused code", [bin("knip", "bin", "knip.js")]);
check("structure", [
  bin("dependency-cruiser", "bin", "dependency-cruise.mjs"),
  "--config",
  ".dependency-cruiser.cjs",
  "src",
]);
check("folders", [
  bin("dependency-cruiser", "bin", "dependency-cruise.mjs"),
  "--config",
  ".dependency-cruiser.folders.cjs",
  "src",
]);
check("names", [join("scripts", "exported-once.mjs")]);
count(
  check("unit tests", [bin("vitest", "vitest.mjs"), "run", "--reporter", "dot"]),
  /Tests\s+(\d+) passed/,
);
check("torture", [
  bin("tsx", "dist", "cli.mjs"),
  "scripts/torture.ts",
  "--kills",
  "8",
  "--inputs",
  "2000",
]);
build();
count(check("browser tests", [bin("@playwright/test", "cli.js"), "test"]), /(\d+) passed/);
console.log(`\n${passed} passed, 0 failed`);
