/** Files and pasted text read into rows, in whatever encoding and with whatever between the columns. */
import { decode, readText, unpackedBytes } from '../src/ui/readFile.ts';

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

describe('the size a zip file unpacks to', () => {
  const entry = (size: number, name: string): Buffer => {
    const head = Buffer.alloc(46 + name.length);
    head.writeUInt32LE(0x02014b50, 0);
    head.writeUInt32LE(size, 24);
    head.writeUInt16LE(name.length, 28);
    head.write(name, 46);
    return head;
  };
  const zip = (...entries: Buffer[]): Uint8Array => {
    const directory = Buffer.concat(entries);
    const end = Buffer.alloc(22);
    end.writeUInt32LE(0x06054b50, 0);
    end.writeUInt16LE(entries.length, 10);
    end.writeUInt32LE(4, 16);
    return new Uint8Array(Buffer.concat([Buffer.from('PK\x03\x04'), directory, end]));
  };
  it('is added up from its directory', () => {
    expect(unpackedBytes(zip(entry(1000, 'a.xml'), entry(4_000_000_000, 'bomb.xml')))).toBe(4_000_001_000);
  });
  it('is unknown where there is no directory', () => {
    expect(unpackedBytes(new Uint8Array([0x50, 0x4b, 3, 4]))).toBeUndefined();
  });
});
