/** Passwords and the words that stand in links: made, hashed, compared. */

import { createHash, randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { promisify } from 'node:util';

const hashed = promisify(scrypt) as (
  password: string,
  salt: Buffer,
  length: number,
  options: ScryptOptions,
) => Promise<Buffer>;

/** Costs 64 MB and about a tenth of a second: much for who tries many, little for who signs in. */
const COST = { N: 2 ** 16, r: 8, p: 1, maxmem: 2 ** 27 } as const;
const LENGTH = 32;

/** @returns `scrypt$65536$8$1$salt$hash`, so that a later cost can be told from an earlier one */
export async function hashPassword(password: string): Promise<string> {
  const salt = randomBytes(16);
  const hash = await hashed(normal(password), salt, LENGTH, COST);
  return ['scrypt', COST.N, COST.r, COST.p, salt.toString('base64url'), hash.toString('base64url')].join('$');
}

/** Whether a password is the one that was hashed. Takes as long where there is none, so that nobody learns who has an account. */
export async function isPassword(password: string, stored: string | null | undefined): Promise<boolean> {
  const [kind, n, r, p, salt, hash] = (stored ?? '').split('$');
  const known = kind === 'scrypt' && n && r && p && salt && hash ? hash : undefined;
  const cost = known ? { N: Number(n), r: Number(r), p: Number(p), maxmem: COST.maxmem } : COST;
  const found = await hashed(normal(password), Buffer.from(salt ?? '', 'base64url'), LENGTH, cost);
  const wanted = Buffer.from(known ?? '', 'base64url');
  return wanted.length === found.length && timingSafeEqual(found, wanted);
}

/** The same letter may be typed in two ways. */
const normal = (password: string): string => password.normalize('NFKC');

/** What nobody guesses: 22 letters. */
export const newSecret = (): string => randomBytes(16).toString('base64url');

/** What is stored of a secret that a browser or a link holds: who reads the book cannot use it. */
export const hashSecret = (secret: string): string => createHash('sha256').update(secret).digest('base64url');
