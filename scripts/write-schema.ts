import { writeFileSync } from "node:fs";
import { archiveSchemaText } from "../src/cli/archive-schema";
import { planSchemaText } from "../src/cli/plan-schema";

writeFileSync(new URL("../docs/plan.schema.json", import.meta.url), planSchemaText());
writeFileSync(new URL("../docs/archive.schema.json", import.meta.url), archiveSchemaText());
