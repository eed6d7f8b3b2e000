/** Marks for a gradebook as CSV. Cells that a worksheet would take for a formula are text: names and comments come from people. */

import { resultColumns, resultRows, type Marking } from '@hardy-sextant/contract';
import Papa from 'papaparse';

export function resultsCsv(marking: Marking, at: string): string {
  return Papa.unparse({ fields: [...resultColumns], data: resultRows(marking, at) }, { escapeFormulae: true });
}
