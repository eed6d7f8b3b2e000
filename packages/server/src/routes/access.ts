/** Who may use which route. A route that is not in this list is not there for anybody; a test walks them all. */

/**
 * `anyone`: also who is not signed in. `student`: on their own page. `staff`: everybody else who is signed in; what is listed
 * is only of their classes. `library`: instructors and owners. `marks-…`: whoever works in that class, assistants too.
 * `teaches-…`: its instructors, and owners.
 */
export type Rule =
  | 'anyone'
  | 'student'
  | 'staff'
  | 'library'
  | 'owner'
  | 'marks-set'
  | 'teaches-set'
  | 'marks-class'
  | 'teaches-class'
  /** Its class stands in the body. */
  | 'teaches-named-class';

export const access: Readonly<Record<string, Rule>> = {
  'GET /health': 'anyone',
  'GET /session': 'anyone',
  'POST /session': 'anyone',
  'DELETE /session': 'anyone',
  'PUT /session/password': 'staff',
  'POST /links/shown': 'anyone',
  'POST /links': 'anyone',

  'GET /people': 'owner',
  'POST /people': 'owner',
  'PUT /people/:id': 'owner',
  'DELETE /people/:id': 'owner',
  'POST /people/:id/link': 'owner',
  'GET /backups': 'owner',
  'POST /backups': 'owner',
  'GET /backups/:name': 'owner',
  'GET /backups/:name/file': 'owner',
  'POST /backups/:name/restored': 'owner',

  'GET /demo': 'owner',
  'POST /demo': 'owner',
  'DELETE /demo': 'owner',
  'GET /bin': 'library',
  'POST /bin/:kind/:id/restore': 'library',
  'GET /cases': 'library',
  'POST /cases': 'library',
  'GET /cases/:id': 'library',
  'PUT /cases/:id': 'library',
  'DELETE /cases/:id': 'library',
  'GET /exercises': 'library',
  'POST /exercises': 'library',
  'GET /exercises/:id': 'library',
  'PUT /exercises/:id': 'library',
  'DELETE /exercises/:id': 'library',
  'GET /exercises/:id/revisions': 'library',
  'PUT /exercises/:id/archived': 'library',
  'PUT /exercises/:id/rules': 'library',
  'POST /exercise-export': 'library',
  'POST /exercise-file': 'library',
  'GET /rules': 'staff',
  'POST /rules': 'library',
  'PUT /rules/:id': 'library',
  'DELETE /rules/:id': 'library',
  'GET /entering-styles': 'staff',
  'POST /entering-styles': 'library',
  'PUT /entering-styles/:id': 'library',
  'DELETE /entering-styles/:id': 'library',

  'GET /classes': 'staff',
  'POST /classes': 'library',
  'POST /class-imports': 'library',
  'GET /classes/:id': 'marks-class',
  'PUT /classes/:id': 'teaches-class',
  'DELETE /classes/:id': 'teaches-class',
  'POST /classes/:id/copies': 'teaches-class',
  'PUT /classes/:id/archived': 'teaches-class',
  'PUT /classes/:id/roster': 'teaches-class',

  'GET /sets': 'staff',
  'POST /sets': 'teaches-named-class',
  'GET /sets/:id': 'marks-set',
  'PUT /sets/:id': 'teaches-set',
  'DELETE /sets/:id': 'teaches-set',
  'POST /sets/:id/copies': 'teaches-named-class',
  'PUT /sets/:id/archived': 'teaches-set',
  'POST /sets/:id/assigned': 'teaches-set',
  'GET /sets/:id/assigned': 'marks-set',
  'GET /sets/:id/moved-parts': 'marks-set',
  'POST /sets/:id/contents': 'teaches-set',
  'PUT /sets/:id/released': 'teaches-set',
  'POST /sets/:id/exercises/:itemId': 'teaches-set',

  'GET /sets/:id/marking': 'marks-set',
  'POST /sets/:id/check': 'marks-set',
  'PUT /sets/:id/answers': 'marks-set',
  'POST /sets/:id/import': 'marks-set',
  'GET /sets/:id/students/:studentId/earlier': 'marks-set',
  'PUT /sets/:id/decisions': 'marks-set',
  'POST /sets/:id/unmatched-rows/:rowId': 'marks-set',
  'DELETE /sets/:id/unmatched-rows/:rowId': 'marks-set',
  'POST /sets/:id/unmatched-rows/:rowId/restore': 'marks-set',
  'GET /sets/:id/worksheets': 'marks-set',
  'POST /sets/:id/worksheets': 'marks-set',
  'GET /sets/:id/worksheets/entries': 'marks-set',
  'PUT /sets/:id/worksheets/mappings': 'marks-set',
  'POST /sets/:id/worksheets/removed': 'marks-set',
  'GET /sets/:id/worksheets/:worksheetId': 'marks-set',
  'PUT /sets/:id/worksheets/:worksheetId': 'marks-set',
  'GET /sets/:id/worksheets/:worksheetId/file': 'marks-set',
  'GET /column-matchings': 'staff',
  'POST /column-matchings': 'staff',
  'GET /slip-texts': 'staff',
  'PUT /slip-texts/:slipId': 'library',

  'GET /sets/:id/live': 'marks-set',
  'POST /sets/:id/live': 'teaches-set',
  'GET /sets/:id/codes': 'teaches-set',
  'GET /sets/:id/students/:studentId/page': 'marks-set',

  'POST /my/session': 'anyone',
  'DELETE /my/session': 'anyone',
  'POST /my/classroom': 'anyone',
  'GET /my/sets': 'student',
  'GET /my/sets/:id': 'student',
  'PUT /my/sets/:id/answers': 'student',
  'POST /my/sets/:id/submitted': 'student',
  'POST /my/sets/:id/files': 'student',
  'GET /my/sets/:id/feedback': 'student',
  'POST /my/sets/:id/tries': 'student',
  'POST /my/sets/:id/exercises/:itemId/more': 'student',
  'GET /my/sets/:id/exercises/:itemId/more': 'student',
  'POST /my/more/:id/tries': 'student',
};

interface Found {
  readonly rule: Rule;
  readonly route: string;
  /** What stands in the address at `:id`, where there is one. */
  readonly id: string | undefined;
}

const known = Object.entries(access).map(([route, rule]) => {
  const [method = '', path = ''] = route.split(' ');
  const pattern = path.replace(/:(\w+)/g, (_whole, name: string) => (name === 'id' ? '(?<id>[^/]+)' : '[^/]+'));
  return { route, rule, method, path: new RegExp(`^${pattern}/?$`), isPlain: !path.includes(':') };
});
// "/worksheets/entries" is not one of "/worksheets/:worksheetId".
const inOrder = [...known].sort((a, b) => Number(b.isPlain) - Number(a.isPlain) || b.route.length - a.route.length);

/** The rule of a request; nothing where no route is known by it. */
export function ruleFor(method: string, path: string): Found | undefined {
  const wanted = method === 'HEAD' ? 'GET' : method;
  for (const { route, rule, method: own, path: pattern } of inOrder) {
    const match = own === wanted ? pattern.exec(path) : null;
    if (match) return { rule, route, id: match.groups?.['id'] };
  }
  return undefined;
}
