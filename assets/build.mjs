// Builds public/build from assets/: styles by Tailwind, scripts as they are, fonts cut down to what is written here.
import { createHash } from "node:crypto";
import { execFileSync } from "node:child_process";
import { copyFileSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import subsetFont from "subset-font";
import { letters } from "./letters.mjs";

const root = join(import.meta.dirname, "..");
const out = join(root, "public/build");
const modules = join(root, "node_modules");

const ICONS = [
  "arrow-up",
  "check",
  "chevron-left",
  "chevron-right",
  "circle",
  "circle-check",
  "file-json",
  "log-out",
  "octagon-x",
  "pencil",
  "plus",
  "printer",
  "redo-2",
  "search",
  "triangle-alert",
  "undo-2",
  "users",
];

rmSync(out, { recursive: true, force: true });
mkdirSync(out, { recursive: true });

const font = await subsetFont(readFileSync(join(modules, "inter-ui/variable/InterVariable.woff2")), letters, {
  targetFormat: "woff2",
});
writeFileSync(join(out, "text.woff2"), font);

// The same for paper: a PDF wants one file for each cut.
for (const [name, cut] of Object.entries({ regular: "Regular", bold: "Bold", italic: "Italic" })) {
  writeFileSync(
    join(out, `paper-${name}.ttf`),
    await subsetFont(readFileSync(join(modules, `inter-ui/display/InterDisplay-${cut}.woff2`)), letters, {
      targetFormat: "truetype",
    }),
  );
}

// One class for each half per cent: fields are placed on a drawing without inline styles.
const places = Array.from({ length: 201 }, (_, i) => `.at-x-${i}{left:${i / 2}%}.at-y-${i}{top:${i / 2}%}`).join("");
// And one for each size of letters on a load sheet, in tenths of a point.
const points = Array.from({ length: 27 }, (_, i) => `.load-points-${64 + i}{--points:${(64 + i) / 10}pt}`).join("");
writeFileSync(join(out, "places.css"), `@media (min-width:48rem){${places}}${points}`);

execFileSync(
  process.execPath,
  [
    join(modules, "@tailwindcss/cli/dist/index.mjs"),
    "--input",
    join(root, "assets/styles/app.css"),
    "--output",
    join(out, "app.css"),
    "--minify",
  ],
  { cwd: root, stdio: ["ignore", "ignore", "inherit"] },
);

copyFileSync(join(modules, "htmx.org/dist/htmx.min.js"), join(out, "htmx.js"));
copyFileSync(join(modules, "idiomorph/dist/idiomorph-ext.min.js"), join(out, "morph.js"));
copyFileSync(join(modules, "idb/build/index.js"), join(out, "idb.js"));
for (const script of readdirSync(join(root, "assets/scripts"))) {
  // A browser knows files and no packages.
  const text = readFileSync(join(root, "assets/scripts", script), "utf8").replace('from "idb"', 'from "./idb.js"');
  writeFileSync(join(out, script), text);
}

// The icon and what makes the application installable.
for (const name of readdirSync(join(root, "assets/brand"))) {
  copyFileSync(join(root, "assets/brand", name), join(out, name));
}

copyFileSync(join(root, "assets/worker/frame-worker.js"), join(out, "frame-worker.js"));

// The passwords that are tried first everywhere, one a line (MIT, see that package's LICENSE.txt).
const common = JSON.parse(readFileSync(join(modules, "@zxcvbn-ts/language-common/src/passwords.json"), "utf8"));
writeFileSync(join(out, "common-passwords.txt"), `${common.join("\n")}\n`);

// Names stay; a version in the query tells browsers when a file has changed.
const manifest = {};
for (const name of readdirSync(out)) {
  const version = createHash("sha256")
    .update(readFileSync(join(out, name)))
    .digest("hex")
    .slice(0, 10);
  manifest[`build/${name}`] = `/build/${name}?v=${version}`;
}
writeFileSync(join(out, "manifest.json"), JSON.stringify(manifest, null, 2));

// Every page holds a dozen icons: what all have in common is told once, by the class "icon".
const icons = join(modules, "lucide-static");
mkdirSync(join(out, "icons"));
copyFileSync(join(icons, "LICENSE"), join(out, "icons/LICENSE"));
for (const name of ICONS) {
  const lines = readFileSync(join(icons, "icons", `${name}.svg`), "utf8").replace(/^.*?<svg[^>]*>|\s*\n\s*/gs, "");
  writeFileSync(join(out, "icons", `${name}.svg`), `<svg viewBox="0 0 24 24">${lines}`);
}
