/** Records by name: what they hold, their names and values by type. */

/** What a record holds under a name that somebody typed; never what every object has by itself. */
export function lookUp<T>(record: Readonly<Record<string, T>>, name: string): T | undefined {
  return Object.hasOwn(record, name) ? record[name] : undefined;
}

/** The names of a record, typed as its type names them; plain data has no others. */
export function namesOf<T extends object>(record: T): (keyof T & string)[] {
  return Object.keys(record) as (keyof T & string)[];
}

/** The same record with every text in it changed. */
export function mapTexts<T extends object>(record: T, change: (text: string) => string): T {
  const entries = Object.entries(record).map(([name, value]) => [
    name,
    typeof value === 'string' ? change(value) : value,
  ]);
  return Object.fromEntries(entries) as T;
}
