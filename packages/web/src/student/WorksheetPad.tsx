/** A plain worksheet to work on: cells hold numbers or formulas, and are worked out as they are left. It stays on the device. */
import { columnLetters, workedOut, type SheetCells } from '@hardy-sextant/core';
import { useState } from 'react';
import { remember, remembered } from '../api/kept/unsent.ts';
import { z } from 'zod';
import styles from './Student.module.css';
import { say } from '../words/say.ts';

const COLUMNS = 6;
const ROWS = 15;
const SHEET = say('Pad');
const kept = z.record(z.string(), z.string().max(600));

const addresses = Array.from({ length: ROWS }, (_row, row) =>
  Array.from({ length: COLUMNS }, (_column, column) => `${columnLetters(column + 1)}${row + 1}`),
);

function cellsOf(texts: Readonly<Record<string, string>>): SheetCells {
  const cells = Object.entries(texts).map(([at, text]) => {
    const number = Number(text.replace(/,(?=\d{3}\b)/g, '').replace(/%$/, ''));
    const percent = text.trim().endsWith('%') ? 100 : 1;
    if (text.startsWith('=')) return [at, { value: null, formula: text.replaceAll(';', ',') }] as const;
    return [at, { value: text.trim() !== '' && Number.isFinite(number) ? number / percent : text }] as const;
  });
  return { [SHEET]: Object.fromEntries(cells) };
}

function shown(value: unknown): string {
  if (typeof value === 'number') return String(Number(value.toPrecision(10)));
  return value === null || value === undefined ? '' : String(value);
}

export function WorksheetPad({ setId }: { readonly setId: string }) {
  const key = say('pad {{setId}}', { setId });
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>(() => remembered(key, kept) ?? {});
  const [focus, setFocus] = useState('');
  const values = workedOut({ cells: cellsOf(texts), names: {} })[SHEET] ?? {};
  const write = (at: string, text: string) => {
    const next = { ...texts, [at]: text };
    setTexts(next);
    remember(key, next);
  };
  return (
    <div className={styles['wide']}>
      <table className={styles['pad']}>
        <thead>
          <tr>
            <td />
            {Array.from({ length: COLUMNS }, (_each, column) => (
              <th key={column} scope="col">
                {columnLetters(column + 1)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {addresses.map((row, at) => (
            <tr key={at}>
              <th scope="row">{at + 1}</th>
              {row.map((address) => (
                <td key={address}>
                  <input
                    aria-label={say('cell {{at}}', { at: address })}
                    autoComplete="off"
                    maxLength={600}
                    value={focus === address ? (texts[address] ?? '') : shown(values[address]?.value)}
                    onFocus={() => setFocus(address)}
                    onBlur={() => setFocus('')}
                    onChange={(event) => write(address, event.currentTarget.value)}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
