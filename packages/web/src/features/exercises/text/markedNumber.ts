/** A number that was marked by dragging over it in the text. */
import { defaultNumberStyle, readSlotText } from '@hardy-sextant/core';

export interface MarkedNumber {
  readonly start: number;
  readonly end: number;
  readonly value: number;
}

/** @returns nothing where no number is selected within the words of the text */
export function markedNumber(text: string): MarkedNumber | undefined {
  const selection = window.getSelection();
  if (!selection || selection.isCollapsed) return undefined;
  const [one, other] = [
    placeOf(selection.anchorNode, selection.anchorOffset),
    placeOf(selection.focusNode, selection.focusOffset),
  ];
  if (one === undefined || other === undefined) return undefined;
  const [start, end] = one < other ? [one, other] : [other, one];
  const quote = text.slice(start, end);
  const digits = quote.trim().replace(/[^\d.,%]/g, '');
  const entry = digits === '' ? undefined : readSlotText(digits, {}, defaultNumberStyle);
  if (!entry?.ok || !(entry.value.value > 0)) return undefined;
  selection.removeAllRanges();
  const before = quote.length - quote.trimStart().length;
  return { start: start + before, end: start + quote.trimEnd().length, value: entry.value.value };
}

function placeOf(node: Node | null, offset: number): number | undefined {
  const holder = node instanceof Element ? node : node?.parentElement;
  const start = holder?.closest('[data-start]')?.getAttribute('data-start');
  return start === null || start === undefined ? undefined : Number(start) + offset;
}
