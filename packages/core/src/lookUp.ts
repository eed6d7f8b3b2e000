/** Looking things up by a name that somebody typed. */

/** What a record holds under a name; never what every object has by itself. */
export function lookUp<T>(record: Readonly<Record<string, T>>, name: string): T | undefined {
  return Object.hasOwn(record, name) ? record[name] : undefined;
}
