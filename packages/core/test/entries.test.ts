/** Money rounded and entries read as people write them. */
import {
  must,
  numberStyles,
  readEntry,
  roundMoney,
  roundTo,
  writeMoney,
  writeNumber,
  writePercent,
} from '../src/index.ts';

describe('rounding money', () => {
  it('rounds half away from zero on the decimal as written', () => {
    expect(roundMoney(100.5 * 0.01, 'cent')).toBe(1.01);
    expect(roundMoney(1.005, 'cent')).toBe(1.01);
    expect(roundMoney(-1.005, 'cent')).toBe(-1.01);
    expect(roundMoney(2.675, 'cent')).toBe(2.68);
    expect(roundMoney(1.0049999, 'cent')).toBe(1);
    expect(roundTo(0.145, 2)).toBe(0.15);
  });

  it('rounds up only what lies above a cent or a unit', () => {
    expect(roundMoney(0.1 + 0.2, 'cent-up')).toBe(0.3);
    expect(roundMoney(12.301, 'cent-up')).toBe(12.31);
    expect(roundMoney(700.0000000001, 'unit-up')).toBe(701);
    expect(roundMoney(1200 / 12, 'unit-up')).toBe(100);
    expect(roundMoney(699.5, 'unit')).toBe(700);
    expect(roundMoney(3.14159, 'exact')).toBe(3.14159);
  });
});

describe('reading an entry', () => {
  const value = (text: string) => must(readEntry(text)).value;

  it.each([
    ['941.43', 941.43],
    ['1,642.38', 1642.38],
    ['-625.72', -625.72],
    ['−625.72', -625.72],
    ['(625.72)', -625.72],
    ['625.72-', -625.72],
    ['$800', 800],
    ['800 €', 800],
    ['EUR 1 250.50', 1250.5],
    ["1'234.56", 1234.56],
    ['48k', 48000],
    ['1.2k', 1200],
    ['.5', 0.5],
    ['1,234,567', 1234567],
    ['+7', 7],
    ['£-3.20', -3.2],
  ])('reads %s', (text, expected) => expect(value(text)).toBe(expected));

  it('keeps percent, decimals and unit', () => {
    expect(must(readEntry('6.60 %'))).toMatchObject({ value: 6.6, percent: true, decimals: 2 });
    expect(must(readEntry('4 years'))).toMatchObject({ value: 4, unit: 'years' });
    expect(must(readEntry('48 payments'))).toMatchObject({ value: 48, unit: 'payments' });
    expect(must(readEntry('18,771.6'))).toMatchObject({ decimals: 1 });
  });

  it('reads each number style as its own class writes it', () => {
    const texts: Record<string, string> = {
      'comma-point': '1,234.56',
      'point-comma': '1.234,56',
      'space-comma': '1 234,56',
      'apostrophe-point': "1'234.56",
    };
    for (const style of numberStyles) {
      expect(must(readEntry(texts[style.id]!, style)).value).toBe(1234.56);
      expect(must(readEntry(writeMoney(-98765.4, style), style)).value).toBe(-98765.4);
    }
    expect(must(readEntry('1.234', numberStyles[1]!)).value).toBe(1234);
    expect(must(readEntry('1.234', numberStyles[0]!)).value).toBe(1.234);
    expect(must(readEntry('3,5', numberStyles[0]!)).value).toBe(3.5);
  });

  it.each(['n/a', 'ask the bank', '=1/0', '12abc', '1,23,4', '1.2.3', '--5', 'e', '1e5', '٣', '5 %%'])(
    'says that %s cannot be read',
    (text) => {
      expect(readEntry(text)).toMatchObject({ ok: false, problem: { code: 'unreadable' } });
    },
  );

  it('tells blank from unreadable, and refuses what is absurdly long', () => {
    expect(readEntry('  ')).toMatchObject({ problem: { code: 'blank' } });
    expect(readEntry('9'.repeat(40_000))).toMatchObject({
      ok: false,
      problem: { message: expect.stringContaining('40000') },
    });
  });
});

describe('writing numbers', () => {
  it('groups, keeps a true minus and never uses scientific notation', () => {
    expect(writeMoney(-1234567.891)).toBe('−1,234,567.89');
    expect(writeNumber(1e21, 0)).toBe('1,000,000,000,000,000,000,000');
    expect(writeNumber(0.0000001, 7)).toBe('0.0000001');
    expect(writeMoney(-0.001)).toBe('0.00');
    expect(writeMoney(NaN)).toBe('–');
    expect(writePercent(0.066)).toBe('6.60\u00a0%');
    expect(writePercent(0.0054123)).toBe('0.54123\u00a0%');
  });
});
