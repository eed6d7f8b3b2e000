/**
 * Seeded randomness, the same on every machine and in every version: the seed's text hashed to 128 bits, then sfc32
 * (Doty-Humphrey). All in whole 32-bit numbers, so that nothing depends on how a machine rounds.
 */

/** A stream of numbers in [0, 1), by seed. */
export function seededRandom(seed: string): () => number {
  let [a, b, c, d] = hash(seed);
  const next = (): number => {
    const t = (((a + b) | 0) + d) | 0;
    d = (d + 1) | 0;
    a = b ^ (b >>> 9);
    b = (c + (c << 3)) | 0;
    c = (c << 21) | (c >>> 11);
    c = (c + t) | 0;
    return (t >>> 0) / 2 ** 32;
  };
  // The first numbers still resemble the seed.
  for (let k = 0; k < 12; k += 1) next();
  return next;
}

function hash(text: string): [number, number, number, number] {
  const words: [number, number, number, number] = [0x9e3779b9, 0x243f6a88, 0xb7e15162, 0x71374491];
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    words[0] = Math.imul(words[0] ^ code, 0x85ebca6b) ^ words[3];
    words[1] = Math.imul(words[1] ^ (code << 7), 0xc2b2ae35) ^ words[0];
    words[2] = Math.imul(words[2] ^ (code << 13), 0x27d4eb2f) ^ words[1];
    words[3] = Math.imul(words[3] ^ (code << 21), 0x165667b1) ^ words[2];
  }
  return words;
}
