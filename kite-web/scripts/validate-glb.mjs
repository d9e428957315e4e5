// Says what the Khronos glTF validator finds in each file; exit 1 on an error or a warning.
import { readFileSync } from "node:fs";
import { validateBytes } from "gltf-validator";

let bad = false;
for (const file of process.argv.slice(2)) {
  const report = await validateBytes(new Uint8Array(readFileSync(file)));
  const { numErrors, numWarnings, messages } = report.issues;
  console.log(`${file}: ${numErrors} errors, ${numWarnings} warnings, ${report.info.totalVertexCount} vertices`);
  for (const m of messages.filter((m) => m.severity <= 1)) console.log(`  ${m.code} ${m.pointer} ${m.message}`);
  bad ||= numErrors + numWarnings > 0;
}
process.exit(bad ? 1 : 0);
