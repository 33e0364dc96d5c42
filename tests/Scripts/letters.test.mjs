import assert from "node:assert/strict";
import { readFileSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
import fontverter from "fontverter";
import { letters } from "../../assets/letters.mjs";

const root = join(import.meta.dirname, "../..");
const kept = new Set(letters);

/** The characters that a font has a shape for: the tables of format 4 and 12 of its "cmap". @param {Buffer} font */
function shapes(font) {
  const tables = font.readUInt16BE(4);
  let cmap = 0;
  for (let i = 0; i < tables; i++) {
    if (font.toString("latin1", 12 + 16 * i, 16 + 16 * i) === "cmap") {
      cmap = font.readUInt32BE(12 + 16 * i + 8);
    }
  }
  const found = new Set();
  for (let i = 0; i < font.readUInt16BE(cmap + 2); i++) {
    const at = cmap + font.readUInt32BE(cmap + 8 + 8 * i);
    if (font.readUInt16BE(at) === 4) {
      const segments = font.readUInt16BE(at + 6) / 2;
      for (let s = 0; s < segments; s++) {
        const last = font.readUInt16BE(at + 14 + 2 * s);
        const first = font.readUInt16BE(at + 16 + 2 * segments + 2 * s);
        for (let code = first; code <= last && code < 0xffff; code++) {
          found.add(code);
        }
      }
    } else if (font.readUInt16BE(at) === 12) {
      for (let g = 0; g < font.readUInt32BE(at + 12); g++) {
        for (let code = font.readUInt32BE(at + 16 + 12 * g); code <= font.readUInt32BE(at + 20 + 12 * g); code++) {
          found.add(code);
        }
      }
    }
  }
  return found;
}

test("the pages write nothing that the shipped letters lack", () => {
  for (const folder of ["templates", "core", "src", "assets/scripts"]) {
    for (const file of readdirSync(join(root, folder), { recursive: true, withFileTypes: true })) {
      if (file.isFile() && /\.(php|twig|js)$/.test(file.name)) {
        const text = readFileSync(join(file.parentPath, file.name), "utf8");
        const lacking = [...new Set(text)].filter((letter) => letter > "\u007e" && !kept.has(letter));
        assert.deepEqual(lacking, [], `${folder}: ${file.name}`);
      }
    }
  }
});

test("the shipped font has a shape for every letter", async () => {
  const sfnt = await fontverter.convert(readFileSync(join(root, "public/build/text.woff2")), "truetype");
  const found = shapes(sfnt);
  const lacking = [...letters].filter((letter) => !found.has(letter.codePointAt(0) ?? 0));
  assert.deepEqual(lacking, []);
  assert.ok(!found.has(0x4e00), "and none that nobody asked for");
});
