// What share of the facts of annotated recipe texts the reader gets right; fails under LEAST.
import { execFileSync } from "node:child_process";

const LEAST = 95;

const { right, all, silent, kinds } = JSON.parse(
  execFileSync(process.execPath, [process.argv[2], "--json"], {
    encoding: "utf8",
    maxBuffer: 1 << 26,
    stdio: ["ignore", "pipe", "inherit"],
  }),
);
const share = (of) => (100 * of.right) / of.all;
for (const [kind, of] of Object.entries(kinds).sort((a, b) => share(a[1]) - share(b[1])))
  console.log(`${kind.padEnd(20)} ${share(of).toFixed(1)} % of ${of.all}`);
console.log(
  `${share({ right, all }).toFixed(1)} % of ${all} facts right, ${((100 * silent) / all).toFixed(1)} % wrong without a doubt shown`,
);
if (share({ right, all }) < LEAST) {
  console.error(`That is under ${LEAST} %.`);
  process.exit(1);
}
