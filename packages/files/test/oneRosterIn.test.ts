/** Classes and rosters of OneRoster, with everything that may be wrong in them. */
import { strToU8, zipSync } from 'fflate';
import { readOneRoster } from '../src/oneRosterIn.ts';

const users = [
  'sourcedId,status,enabledUser,username,givenName,familyName,identifier',
  'u1,active,true,oona,Oona,Kamau,K-1',
  'u2,active,true,tariq,Tariq,Bakken,',
  'u3,tobedeleted,true,ulla,Ulla,Tern,K-3',
  'u4,active,true,,,,K-4',
  'u5,active,true,bo,Bo,Gull,k-1',
];
const classes = [
  'sourcedId,status,title,classCode,termSourcedIds',
  'c1,active,Money for small enterprises,BM 210,t1',
  'c2,tobedeleted,Gone,BM 9,t1',
  'c3,active,Loans,,',
];
const enrollments = [
  'sourcedId,status,classSourcedId,userSourcedId,role',
  'e1,active,c1,u1,student',
  'e2,active,c1,u2,Student',
  'e3,active,c1,u3,student',
  'e4,active,c1,u4,student',
  'e5,active,c1,u5,student',
  'e6,active,c1,nobody,student',
  'e7,active,c1,u2,teacher',
  'e8,tobedeleted,c3,u1,student',
  'e9,active,c3,u1,student',
];
const zip = (more: Record<string, readonly string[]> = {}) =>
  zipSync(
    Object.fromEntries(
      Object.entries({
        'users.csv': users,
        'classes.csv': classes,
        'enrollments.csv': enrollments,
        'academicSessions.csv': ['sourcedId,title', 't1,Autumn 2026'],
        ...more,
      }).map(([name, lines]) => [name, strToU8(lines.join('\r\n'))]),
    ),
  );

it('become classes with rosters, those who left as withdrawn', () => {
  const { classes: read, notes } = readOneRoster(zip());
  expect(read).toEqual([
    {
      code: 'BM 210',
      title: 'Money for small enterprises',
      term: 'Autumn 2026',
      students: [
        { name: 'Oona Kamau', number: 'K-1', section: '', withdrawn: false },
        { name: 'Tariq Bakken', number: 'tariq', section: '', withdrawn: false },
        { name: 'Ulla Tern', number: 'K-3', section: '', withdrawn: true },
      ],
    },
    // Enrolled twice, once still.
    {
      code: 'Loans',
      title: 'Loans',
      term: '',
      students: [{ name: 'Oona Kamau', number: 'K-1', section: '', withdrawn: false }],
    },
  ]);
  expect(notes).toEqual([
    'BM 210: a student without a name or a number is left out.',
    'BM 210: the number k-1 is Oona Kamau’s; Bo Gull is left out.',
    'BM 210: somebody is enrolled who is not among the users.',
    'The class “Gone” is marked to be deleted and is left out.',
  ]);
});

it('in a folder of the zip are found; what climbs out of it is not read; what is missing is said', () => {
  const { classes: read } = readOneRoster(
    zipSync({
      'roster/users.csv': strToU8(users.join('\n')),
      'roster/classes.csv': strToU8(classes.join('\n')),
      'roster/enrollments.csv': strToU8(enrollments.join('\n')),
      'x/../../users.csv': strToU8('sourcedId\nevil'),
    }),
  );
  expect(read).toHaveLength(2);
  expect(() => readOneRoster(zipSync({ 'users.csv': strToU8('x') }))).toThrow('There is no classes.csv');
  expect(() => readOneRoster(strToU8('PK no'))).toThrow('cannot be unpacked');
});
