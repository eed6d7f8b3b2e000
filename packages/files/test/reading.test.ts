/** Files and pasted text read into rows, in whatever encoding and with whatever between the columns. */
import { zipSync } from 'fflate';
import { decode } from '../src/bytes.ts';
import { readBlock, readText } from '../src/csv.ts';
import { countUnpacked, readWorkbook } from '../src/workbook.ts';

const bytes = (text: string, encoding: BufferEncoding): Uint8Array => new Uint8Array(Buffer.from(text, encoding));

describe('encodings', () => {
  it('reads UTF-8 with and without its mark', () => {
    expect(decode(bytes('Sørensen', 'utf8'))).toEqual({ text: 'Sørensen' });
    expect(decode(bytes('\ufeffSørensen', 'utf8')).text).toBe('Sørensen');
  });
  it('reads UTF-16 in either order, and says so', () => {
    const little = new Uint8Array([0xff, 0xfe, ...bytes('Núñez', 'utf16le')]);
    const big = new Uint8Array(little.length);
    for (let at = 0; at < little.length; at += 2) [big[at], big[at + 1]] = [little[at + 1]!, little[at]!];
    for (const each of [little, big]) expect(decode(each)).toEqual({ text: 'Núñez', note: 'The file was in UTF-16.' });
  });
  it('falls back to Windows-1252, and asks to look at it', () => {
    const { text, note } = decode(bytes('Sørensen', 'latin1'));
    expect(text).toBe('Sørensen');
    expect(note).toContain('Windows-1252');
  });
});

describe('columns', () => {
  it.each([
    ['tabs', 'K-1\t625.72\t1,234.50\nK-2\t\t7'],
    ['semicolons', 'K-1;625.72;1,234.50\nK-2;;7'],
    ['commas and quotes', 'K-1,625.72,"1,234.50"\nK-2,,7'],
    ['lines from another system', 'K-1\t625.72\t1,234.50\r\nK-2\t\t7\r\n'],
    ['empty lines after it', 'K-1\t625.72\t1,234.50\nK-2\t\t7\n\n\n'],
  ])('are told apart by %s', (_what, text) => {
    expect(readText(text).rows).toEqual([
      ['K-1', '625.72', '1,234.50'],
      ['K-2', '', '7'],
    ]);
  });
  it('are one where there is nothing between them', () => {
    expect(readText('Oona Kamau\nTariq Bakken').rows).toEqual([['Oona Kamau'], ['Tariq Bakken']]);
  });
  it('keep what is in them, formulas and all', () => {
    expect(readText('K-1\t=1/0\nK-2\t=cmd|x').rows).toEqual([
      ['K-1', '=1/0'],
      ['K-2', '=cmd|x'],
    ]);
  });
  it('say which line has a quote that never ends', () => {
    expect(readText('K-1,"625.72\nK-2,7').notes[0]).toMatch(/^Line \d/);
  });
  it('are nothing in nothing', () => {
    expect(readText('').rows).toEqual([]);
    expect(readText('\n\n').rows).toEqual([]);
  });
  it('are refused where there are too many rows', () => {
    expect(() => readText('a\tb\n'.repeat(5001))).toThrow('at most 5000 come in at once');
  });
});

describe('a lone column', () => {
  it.each([
    ['grouped numbers', '21,452.88\n1,234.50\n941.43', ['21,452.88', '1,234.50', '941.43']],
    ['numbers with a decimal comma', '21452,88\n941,43', ['21452,88', '941,43']],
    ['a head above numbers', 'answer\n21,452.88\n1,234.50', ['answer', '21,452.88', '1,234.50']],
    ['one number', '21,452.88', ['21,452.88']],
  ])('is not parted at its commas: %s', (_what, text, cells) => {
    expect(readText(text).rows).toEqual(cells.map((cell) => [cell]));
    expect(readText(text).separator).toBe('');
  });
  it('is parted where somebody says so', () => {
    expect(readText('12,941\n13,942', ',').rows).toEqual([
      ['12', '941'],
      ['13', '942'],
    ]);
    expect(readText('a;b', '').rows).toEqual([['a;b']]);
  });
  it('says so where lines have more columns than others', () => {
    expect(readText('K-1,21,452.88\nK-2,941.43').notes.join(' ')).toContain('If commas belong to the numbers');
  });
});

describe('line ends', () => {
  it('of any system are taken off the end, also after a quoted field', () => {
    for (const end of ['\n', '\r\n', '\r', '\r\n\r\n\r\n'])
      expect(
        readText(`"K-1","625.72"${end.slice(0, 2).trimEnd() || '\n'}"K-2","1,234.50"${end}`, ',').rows.at(-1),
      ).toEqual(['K-2', '1,234.50']);
    expect(readText('"K-1","625.72"\r\n"K-2","7"\r\n').notes).toEqual([]);
  });
  it('by the hundred thousand are walked once', () => {
    const text = `K-1\t1${'\n'.repeat(400_000)}K-2\t2${'\r\n'.repeat(200_000)}`;
    expect(readText(text).rows).toEqual([
      ['K-1', '1'],
      ['K-2', '2'],
    ]);
  });
});

describe('a pasted block', () => {
  it('keeps a cell with line ends and quotes in it whole, commas and empty lines too', () => {
    expect(readBlock('1\t"two\nlines"\r\n\r\n21,452.88\t"a ""b"""\r\n')).toEqual([
      ['1', 'two\nlines'],
      [''],
      ['21,452.88', 'a "b"'],
    ]);
  });
});

describe('a workbook', () => {
  const packed = (size: number): Uint8Array => zipSync({ 'xl/worksheets/sheet1.xml': new Uint8Array(size) });
  /** The directory and the heads of a zip file made to say that everything is small. */
  const lying = (bytes: Uint8Array): Uint8Array => {
    const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
    for (let at = 0; at + 46 < bytes.length; at += 1) {
      if (view.getUint32(at, true) === 0x02014b50) view.setUint32(at + 24, 10, true);
      if (view.getUint32(at, true) === 0x04034b50) view.setUint32(at + 22, 10, true);
    }
    return bytes;
  };
  it('is counted while it is unpacked, whatever its directory says', () => {
    expect(countUnpacked(packed(5_000_000), 6_000_000)).toBe(5_000_000);
    expect(() => countUnpacked(packed(5_000_000), 4_000_000)).toThrow('unpacks to more than 4 MB');
    expect(() => countUnpacked(lying(packed(5_000_000)), 4_000_000)).toThrow('unpacks to more than 4 MB');
  });
  it('that unpacks to far too much is refused in a sentence', async () => {
    await expect(readWorkbook(lying(packed(90_000_000)))).rejects.toThrow('unpacks to more than 80 MB');
  });
  it('that is none is refused in a sentence', async () => {
    for (const bytes of [
      new Uint8Array([0x50, 0x4b, 3, 4]),
      new Uint8Array(Buffer.from('PK, as a letter begins.')),
      packed(100).slice(0, 60),
    ])
      await expect(readWorkbook(bytes)).rejects.toThrow('This workbook cannot be read');
  });
});
