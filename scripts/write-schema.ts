import { writeFileSync } from "node:fs";
import { planSchemaText } from "../src/cli/plan-schema";

writeFileSync(new URL("../docs/plan.schema.json", import.meta.url), planSchemaText());
