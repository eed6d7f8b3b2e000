/** XML as a small tree, read by a library and bounded; and text made safe to stand in XML. */

import { SaxesParser } from 'saxes';

export interface XmlElement {
  /** Without a prefix before a colon. */
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly children: readonly (XmlElement | string)[];
}

const MOST_NODES = 200_000;
const DEEPEST = 200;

/** @throws with a sentence where it is not well-formed, or has too much in it */
export function readXml(text: string): XmlElement {
  const parser = new SaxesParser();
  const top: { name: string; attributes: Record<string, string>; children: (XmlElement | string)[] } = {
    name: '',
    attributes: {},
    children: [],
  };
  const open = [top];
  let nodes = 0;
  const count = (): void => {
    nodes += 1;
    if (nodes > MOST_NODES) throw new Error('It has too many elements.');
  };
  parser.on('error', (error) => {
    throw new Error(`It is not well-formed: ${error.message.replace(/^\d+:\d+: /, '')}`);
  });
  // What a document defines for itself is not looked up: nothing outside is read.
  parser.on('opentag', ({ name, attributes }) => {
    count();
    if (open.length > DEEPEST) throw new Error('Its elements stand too deep in each other.');
    const element = { name: bare(name), attributes: bareAll(attributes), children: [] };
    open.at(-1)!.children.push(element);
    open.push(element);
  });
  parser.on('closetag', () => void open.pop());
  parser.on('text', (piece) => {
    count();
    open.at(-1)!.children.push(piece);
  });
  parser.on('cdata', (piece) => void open.at(-1)!.children.push(piece));
  parser.write(text).close();
  const root = top.children.find((child): child is XmlElement => typeof child !== 'string');
  if (!root) throw new Error('There is nothing in it.');
  return root;
}

const bare = (name: string): string => name.slice(name.indexOf(':') + 1);
const bareAll = (attributes: Readonly<Record<string, string>>): Record<string, string> =>
  Object.fromEntries(Object.entries(attributes).map(([name, value]) => [bare(name), value]));

export const elementsOf = ({ children }: XmlElement): XmlElement[] =>
  children.filter((child): child is XmlElement => typeof child !== 'string');

/** Everything in an element that has a name, in the order of the text. */
export function allNamed(element: XmlElement, name: string): XmlElement[] {
  return elementsOf(element).flatMap((child) => [...(child.name === name ? [child] : []), ...allNamed(child, name)]);
}

export const textIn = ({ children }: XmlElement): string =>
  children.map((child) => (typeof child === 'string' ? child : textIn(child))).join('');

/** Text as it may stand in an element or an attribute; what XML does not allow is left out. */
export function xmlText(text: string): string {
  return (
    text
      // eslint-disable-next-line no-control-regex
      .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, '')
      .replaceAll('&', '&amp;')
      .replaceAll('<', '&lt;')
      .replaceAll('>', '&gt;')
      .replaceAll('"', '&quot;')
  );
}
