/** The demo's classes: made-up students with names from many places, the same ones every time. */

import { nth, seededRandom } from '@hardy-sextant/core';

export interface DemoStudent {
  readonly id: string;
  readonly name: string;
  readonly number: string;
}

const given = [
  ...[
    'Adaeze',
    'Bram',
    'Catarina',
    'Dilan',
    'Eilidh',
    'Farrukh',
    'Greta',
    'Ignace',
    'Jorunn',
    'Kofi',
    'Lupe',
    'Maren',
    'Nadir',
    'Oona',
    'Pavel',
    'Quilla',
    'Rasmus',
    'Sunniva',
  ],
  ...[
    'Tariq',
    'Ulla',
    'Vasco',
    'Wanjiru',
    'Ximena',
    'Yusra',
    'Zoltan',
    'Anahera',
    'Benedek',
    'Chidi',
    'Dorothea',
    'Emeka',
    'Fenna',
    'Goran',
    'Halima',
    'Ilmari',
    'Jasleen',
  ],
];
const family = [
  ...[
    'Holm',
    'Okonjo',
    'Lindqvist',
    'Amarasekara',
    'Navarro',
    'Jansen',
    'Mbeki',
    'Tamura',
    'Achterberg',
    'Benedetti',
    'Vestergaard',
    'Oyelaran',
    'Haddad',
    'Virtanen',
    'Novotny',
  ],
  ...[
    'Huaman',
    'Sorensen',
    'Bakken',
    'Rahimi',
    'Petersen',
    'Teixeira',
    'Kamau',
    'Delgado',
    'Mansour',
    'Szabo',
    'Tamati',
    'Farkas',
    'Eze',
    'Papadaki',
    'Nwosu',
    'de Wit',
    'Kovac',
  ],
];

/** So many students, numbered from the first. */
function people(prefix: string, first: number, many: number, seed: string): DemoStudent[] {
  const random = seededRandom(seed);
  const seen = new Set<string>();
  return Array.from({ length: many }, (_, at) => {
    const number = `${prefix}-${first + at}`;
    let name = `${nth(given, at % given.length)} ${nth(family, at % family.length)}`;
    if (at >= 12)
      do
        name = `${nth(given, Math.floor(random() * given.length))} ${nth(family, Math.floor(random() * family.length))}`;
      while (seen.has(name));
    seen.add(name);
    return { id: `demo-${number.toLowerCase()}`, name, number };
  });
}

export const smallClass = {
  id: 'demo-bm210',
  code: 'BM 210',
  title: 'Money for small enterprises',
  college: 'Kestrel Bay Technical College',
  term: 'Autumn 2026',
} as const;
export const largeClass = {
  id: 'demo-bm110',
  code: 'BM 110',
  title: 'Mathematics of money',
  college: 'Kestrel Bay Technical College',
  term: 'Autumn 2026',
} as const;

export const smallRoster = people('K', 2101, 28, 'BM 210');
export const largeRoster = people('M', 1101, 112, 'BM 110');
