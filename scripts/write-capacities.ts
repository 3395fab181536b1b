import { writeFileSync } from "node:fs";
import { capacitiesPage } from "../src/core/tin/usual-capacities.test-data";

writeFileSync(new URL("../docs/tin-capacities.md", import.meta.url), capacitiesPage());
console.log("docs/tin-capacities.md");
