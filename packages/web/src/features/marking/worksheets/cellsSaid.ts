/** "C9:C55", or the one cell. */
export function cellsSaid(cells: readonly string[]): string {
  const bare = cells.map((cell) => cell.slice(cell.lastIndexOf('!') + 1));
  return bare.length > 1 ? `${bare[0]}:${bare.at(-1)}` : (bare[0] ?? '');
}
