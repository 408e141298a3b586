// Writes the TypeScript types and number ranges that follow from schemas/. With --check it only says whether they are up to date.
import { compile } from "json-schema-to-typescript";
import { readFileSync, writeFileSync, mkdirSync } from "node:fs";
import { dirname, resolve } from "node:path";
import { fileURLToPath } from "node:url";

const root = resolve(dirname(fileURLToPath(import.meta.url)), "..");
const names = ["rush", "kit", "hold", "plan", "problem", "layout", "camera-state", "dials"];
/** Those that hold other documents, whose types have files of their own. */
const holding = ["place", "outing"];
const schemas = Object.fromEntries(
  [...names, ...holding].map((name) => [name, JSON.parse(readFileSync(`${root}/schemas/${name}.json`, "utf8"))]),
);

// the words of a body are a file of their own for the server's sake; here they are parts of the kit again
const words = JSON.parse(readFileSync(`${root}/schemas/dialect.json`, "utf8"));
schemas.kit = JSON.parse(JSON.stringify(schemas.kit).replaceAll("rush-hold:/schemas/dialect.json#", "#"));
Object.assign(schemas.kit.$defs, words.$defs);

// words that stand in more than one format are written out where they stand
const wordList = JSON.parse(readFileSync(`${root}/schemas/words.json`, "utf8")).$defs;
const word = (node) => {
  const name =
    typeof node.$ref === "string" ? /\/schemas\/words\.json#\/\$defs\/(\w+)$/.exec(node.$ref)?.[1] : undefined;
  if (name === undefined) return null;
  const { $ref: _ref, ...own } = node;
  return { ...wordList[name], ...own };
};

/** A copy with references to other schema files put in place, and without $id, which the compiler would try to fetch. */
const inlined = (node) => {
  if (Array.isArray(node)) return node.map(inlined);
  if (node === null || typeof node !== "object") return node;
  const said = word(node);
  if (said) return said;
  const other = typeof node.$ref === "string" ? /\/schemas\/([\w-]+)\.json$/.exec(node.$ref) : null;
  if (other) return inlined(schemas[other[1]]);
  return Object.fromEntries(
    Object.entries(node)
      .filter(([key]) => key !== "$id" && key !== "$schema")
      .map(([key, value]) => [key, inlined(value)]),
  );
};

const ranges = (node, path, found) => {
  if (node.type === "number" || node.type === "integer") found[path] = [node.minimum, node.maximum];
  for (const [name, child] of Object.entries(node.properties ?? {}))
    ranges(child, path ? `${path}.${name}` : name, found);
  return found;
};

const note = "// Made from schemas/ by `npm run types`; do not edit.\n";
const files = {};
for (const name of names) {
  files[`${name}.d.ts`] = await compile(inlined(schemas[name]), schemas[name].title, {
    bannerComment: note,
    additionalProperties: false,
    format: false,
    maxItems: -1,
    unreachableDefinitions: true,
  });
}
/** The answers lean on the documents, whose types have files of their own: what refers to one is that type. */
const pascal = (name) => name.replace(/(^|-)(\w)/g, (_, __, letter) => letter.toUpperCase());
const typed = (node) => {
  if (Array.isArray(node)) return node.map(typed);
  if (node === null || typeof node !== "object") return node;
  const said = word(node);
  if (said) return said;
  const other =
    typeof node.$ref === "string" ? /\/schemas\/([\w-]+)\.json(?:#\/\$defs\/(\w+))?$/.exec(node.$ref) : null;
  if (other) return { tsType: `import("./${other[1]}").${other[2] ? pascal(other[2]) : schemas[other[1]].title}` };
  return Object.fromEntries(
    Object.entries(node)
      .filter(([key]) => key !== "$id" && key !== "$schema")
      .map(([key, value]) => [key, typed(value)]),
  );
};
for (const name of holding) {
  files[`${name}.d.ts`] = await compile(typed(schemas[name]), schemas[name].title, {
    bannerComment: note,
    additionalProperties: false,
    format: false,
    maxItems: -1,
    unreachableDefinitions: true,
  });
}
const answers = JSON.parse(readFileSync(`${root}/schemas/answers.json`, "utf8"));
files["answers.d.ts"] = await compile(typed(answers), "Answers", {
  bannerComment: note,
  additionalProperties: false,
  format: false,
  maxItems: -1,
  unreachableDefinitions: true,
});
const kit = inlined(schemas.kit);
const all = {
  rush: ranges(schemas.rush, "", {}),
  body: ranges(kit.$defs.body, "", {}),
  lens: ranges(kit.$defs.lens, "", {}),
  converter: ranges(kit.$defs.converter, "", {}),
  adapter: ranges(kit.$defs.adapter, "", {}),
  support: ranges(kit.$defs.support, "", {}),
  cameraState: ranges(schemas["camera-state"], "", {}),
  place: ranges(schemas.place, "", {}),
};
files["ranges.ts"] =
  `${note}\n/** Least and most of every number of a rush and of a kit's parts, by path. */\n` +
  Object.entries(all)
    .map(
      ([name, found]) =>
        `export const ${name}Ranges: Record<string, [number, number]> = ${JSON.stringify(found, null, 2)};\n`,
    )
    .join("\n");

const folder = `${root}/resources/js/generated`;
mkdirSync(folder, { recursive: true });
const current = (file) => {
  try {
    return readFileSync(`${folder}/${file}`, "utf8");
  } catch {
    return null;
  }
};
const stale = Object.entries(files).filter(([file, text]) => current(file) !== text);
if (process.argv.includes("--check")) {
  if (stale.length > 0) {
    console.error(`Out of date with schemas/: ${stale.map(([file]) => file).join(", ")}. Run npm run types.`);
    process.exit(1);
  }
} else {
  for (const [file, text] of stale) writeFileSync(`${folder}/${file}`, text);
}
