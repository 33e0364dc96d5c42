// Every letter and sign that the pages and papers may show: what the shipped fonts are cut down to.

// Without the control characters, the soft hyphen, and a letter that is written as two.
const latin = Array.from({ length: 0x17f - 0x20 }, (_, i) => 0x20 + i)
  .filter((code) => (code < 0x7f || code > 0x9f) && code !== 0xad && code !== 0x149)
  .map((code) => String.fromCodePoint(code))
  .join("");
const fractions = "½¼¾⅛⅜⅝⅞⅓⅔⁄";
// A browser breaks lines at a hyphen of its own, U+2010; U+2011 is one that never breaks.
const signs = "\u2010\u2011×÷−–—‘’“”…•·°′″≤≥→←↑↓±✓√ΔΣελπ²\u00a0\u202f";

export const letters = latin + fractions + signs;
