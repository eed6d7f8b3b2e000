/** A paper as a document for a word processor: named styles, real equations and tables, so that it can be edited. */

import {
  roundTo,
  type Paper,
  type PaperBlock,
  type PaperCell,
  type PaperSheet,
  type PaperText,
} from '@hardy-sextant/core';
import type * as DocxModule from 'docx';
import type { MathComponent, ParagraphChild, Paragraph, Table } from 'docx';
import type { FileKind } from '../format.ts';
import { formulaSetter, type FormulaNode, type FormulaSetter } from './formula.ts';
import type { PaperSize } from './paperPdf.ts';

type Docx = typeof DocxModule;
type Block<K extends PaperBlock['kind']> = Extract<PaperBlock, { kind: K }>;

export interface DocxForm {
  readonly size: PaperSize;
  readonly onSheet?: ((done: number) => void) | undefined;
}

/** In twentieths of a point. */
const sizes = { A4: { width: 11906, height: 16838 }, Letter: { width: 12240, height: 15840 } } as const;
const MARGIN = 1080;
const MILLIMETRE = 1440 / 25.4;
const BLANK_HEIGHT = 400;

/** @returns the bytes of the file */
export async function paperDocx({ title, sheets }: Paper, { size, onSheet }: DocxForm): Promise<Uint8Array> {
  const [docx, formula] = await Promise.all([import('docx'), formulaSetter()]);
  const page = sizes[size];
  const writer = new Writer(docx, formula, page.width - 2 * MARGIN);
  const sections = sheets.map((sheet, at) => {
    const children = sheet.blocks.flatMap((block) => writer.block(block, false));
    onSheet?.(at + 1);
    return {
      properties: {
        page: {
          size: { width: page.width, height: page.height },
          margin: { top: MARGIN, bottom: MARGIN, left: MARGIN, right: MARGIN },
          pageNumbers: { start: 1 },
        },
      },
      footers: { default: new docx.Footer({ children: [writer.foot(sheet, sheets.length === 1)] }) },
      children,
    };
  });
  const document = new docx.Document({ title, creator: 'Hardy Sextant', styles: styles(docx), sections, numbering });
  return new Uint8Array(await docx.Packer.pack(document, 'uint8array'));
}

const numbering = {
  config: [
    {
      reference: 'numbered',
      levels: [
        {
          level: 0,
          format: 'decimal' as const,
          text: '%1.',
          style: { paragraph: { indent: { left: 360, hanging: 360 } } },
        },
      ],
    },
  ],
};

function styles({ AlignmentType }: Docx) {
  const ink = { color: '1C2B33' };
  const heading = (size: number) => ({
    run: { size, bold: true, ...ink },
    paragraph: { spacing: { before: 200, after: 100 }, keepNext: true },
  });
  return {
    default: {
      document: { run: { font: 'Georgia', size: 22, ...ink }, paragraph: { spacing: { after: 100 } } },
      heading1: heading(36),
      heading2: heading(27),
      heading3: heading(23),
    },
    paragraphStyles: [
      { id: 'Facts', name: 'Facts', basedOn: 'Normal', run: { size: 19, color: '5B6A72' } },
      { id: 'Formula', name: 'Formula', basedOn: 'Normal', paragraph: { indent: { left: 360 } } },
      { id: 'Room', name: 'Room to work', basedOn: 'Normal' },
      {
        id: 'Cell',
        name: 'Cell',
        basedOn: 'Normal',
        run: { size: 20 },
        paragraph: { spacing: { before: 30, after: 30 } },
      },
      { id: 'Number', name: 'Number', basedOn: 'Cell', paragraph: { alignment: AlignmentType.RIGHT } },
    ],
    characterStyles: [{ id: 'Typed', name: 'Typed', run: { font: 'Courier New', size: 20 } }],
  };
}

class Writer {
  readonly #docx: Docx;
  readonly #formula: FormulaSetter;
  /** Of the text across the page. */
  readonly #width: number;

  constructor(docx: Docx, formula: FormulaSetter, width: number) {
    this.#docx = docx;
    this.#formula = formula;
    this.#width = width;
  }

  /** @param keep whether it stays on the page of what follows */
  block(block: PaperBlock, keep: boolean): (Paragraph | Table)[] {
    const { Paragraph, HeadingLevel } = this.#docx;
    switch (block.kind) {
      case 'heading': {
        const heading = ([HeadingLevel.HEADING_1, HeadingLevel.HEADING_2, HeadingLevel.HEADING_3] as const)[
          block.level - 1
        ];
        return [new Paragraph({ text: block.text, heading: heading ?? HeadingLevel.HEADING_3, keepNext: true })];
      }
      case 'text':
        return [this.#text(block, keep)];
      case 'formula':
        return [new Paragraph({ style: 'Formula', keepNext: keep, children: [this.#equation(block.tex, true)] })];
      case 'list':
        return block.items.map(
          (item) =>
            new Paragraph({
              children: this.#pieces(item),
              keepNext: keep,
              ...(block.ordered ? { numbering: { reference: 'numbered', level: 0 } } : { bullet: { level: 0 } }),
            }),
        );
      case 'table':
        return this.#table(block, keep);
      case 'fields':
        return this.#lines(block);
      case 'boxes':
        return this.#boxes(block, keep);
      case 'room':
        return [
          new Paragraph({ style: 'Room', spacing: { after: roundTo(block.height * MILLIMETRE, 0) }, keepNext: keep }),
        ];
      case 'together':
        return block.blocks.flatMap((each, at) => this.block(each, keep || at < block.blocks.length - 1));
    }
  }

  /** "Ulla Kamau, K-2115 · K7QM-2XD" and "page 2"; of how many only where it is alone, as not every word processor counts the pages of a section. */
  foot({ who, code }: PaperSheet, isAlone: boolean): Paragraph {
    const { Paragraph, PageNumber, TextRun } = this.#docx;
    const known = [who, code].filter((each) => each !== undefined).join(' · ');
    return new Paragraph({
      style: 'Facts',
      tabStops: this.#right(),
      children: [
        new TextRun(`${known}\tpage `),
        new TextRun({ children: [PageNumber.CURRENT, ...(isAlone ? [' of ', PageNumber.TOTAL_PAGES] : [])] }),
      ],
    });
  }

  #right() {
    return [{ type: this.#docx.TabStopType.RIGHT, position: this.#width }];
  }

  #text({ pieces, beside, soft }: Block<'text'>, keep: boolean): Paragraph {
    const { Paragraph, TextRun } = this.#docx;
    return new Paragraph({
      ...(soft ? { style: 'Facts' } : {}),
      keepNext: keep,
      keepLines: true,
      ...(beside === undefined ? {} : { tabStops: this.#right() }),
      children: [
        ...this.#pieces(pieces),
        ...(beside === undefined ? [] : [new TextRun({ text: `\t${beside}`, size: 19 })]),
      ],
    });
  }

  #pieces(pieces: readonly PaperText[]): ParagraphChild[] {
    const { TextRun } = this.#docx;
    return pieces.map(({ text, tex, strong, italic, code }) =>
      tex === undefined
        ? new TextRun({ text, bold: strong === true, italics: italic === true, ...(code ? { style: 'Typed' } : {}) })
        : this.#equation(tex, false),
    );
  }

  /** What cannot be read stands as it was typed. */
  #equation(tex: string, display: boolean): ParagraphChild {
    const { Math: Equation, TextRun } = this.#docx;
    const set = this.#formula(tex, display);
    return set ? new Equation({ children: this.#math(set.tree) }) : new TextRun({ text: tex, italics: true });
  }

  #math(node: FormulaNode): MathComponent[] {
    const docx = this.#docx;
    switch (node.kind) {
      case 'text':
        return [new docx.MathRun(node.text === '-' ? '−' : node.text)];
      case 'row': {
        const [first, last] = [node.of[0], node.of.at(-1)];
        const isBracketed = node.of.length > 2 && isSign(first, '(') && isSign(last, ')');
        if (isBracketed)
          return [new docx.MathRoundBrackets({ children: node.of.slice(1, -1).flatMap((each) => this.#math(each)) })];
        return node.of.flatMap((each) => this.#math(each));
      }
      case 'fraction':
        return [new docx.MathFraction({ numerator: this.#math(node.top), denominator: this.#math(node.bottom) })];
      case 'root':
        return [
          new docx.MathRadical({
            children: this.#math(node.of),
            ...(node.degree ? { degree: this.#math(node.degree) } : {}),
          }),
        ];
      case 'scripts': {
        const children = this.#math(node.base);
        const [low, high] = [node.low && this.#math(node.low), node.high && this.#math(node.high)];
        if (low && high) return [new docx.MathSubSuperScript({ children, subScript: low, superScript: high })];
        if (high) return [new docx.MathSuperScript({ children, superScript: high })];
        return low ? [new docx.MathSubScript({ children, subScript: low })] : children;
      }
    }
  }

  #table({ head, rows }: Block<'table'>, keep: boolean): (Paragraph | Table)[] {
    const { Table, TableRow, WidthType } = this.#docx;
    const lines = [...(head.length > 0 ? [head] : []), ...rows];
    if (lines.length === 0) return [];
    const count = Math.max(...lines.map((cells) => cells.length));
    return [
      new Table({
        width: { size: 0, type: WidthType.AUTO },
        rows: lines.map(
          (cells, at) =>
            new TableRow({
              cantSplit: true,
              tableHeader: at === 0 && head.length > 0,
              children: Array.from({ length: count }, (_, column) =>
                this.#cell(cells[column] ?? { text: '' }, at === 0 && head.length > 0, keep || at === 0),
              ),
            }),
        ),
      }),
      this.#gap(keep),
    ];
  }

  #cell({ text, blank, words }: PaperCell, isHead: boolean, keep: boolean) {
    const { Paragraph, TableCell, TextRun, WidthType } = this.#docx;
    const children = [
      new Paragraph({
        style: words ? 'Cell' : 'Number',
        keepNext: keep,
        children: [new TextRun({ text, bold: isHead })],
        ...(blank ? { spacing: { before: BLANK_HEIGHT / 4, after: BLANK_HEIGHT / 4 } } : {}),
      }),
    ];
    return new TableCell({ children, ...(blank ? { width: { size: 1100, type: WidthType.DXA } } : {}) });
  }

  /** Two tables without anything between would become one. */
  #gap(keep: boolean): Paragraph {
    return new this.#docx.Paragraph({ spacing: { after: 60, line: 120 }, keepNext: keep });
  }

  #lines({ fields }: Block<'fields'>): (Paragraph | Table)[] {
    const { Paragraph, TextRun, TabStopType, LeaderType } = this.#docx;
    return fields.map(
      ({ label, value }) =>
        new Paragraph({
          tabStops: [
            { type: TabStopType.RIGHT, position: roundTo(this.#width * 0.6, 0), leader: LeaderType.UNDERSCORE },
          ],
          children:
            value === ''
              ? [new TextRun(`${label}  \t`)]
              : [new TextRun(`${label}  `), new TextRun({ text: value, bold: true })],
        }),
    );
  }

  #boxes({ labels }: Block<'boxes'>, keep: boolean): (Paragraph | Table)[] {
    const { AlignmentType, HeightRule, Paragraph, Table, TableCell, TableRow, WidthType } = this.#docx;
    const width = labels.length === 1 ? 4000 : Math.floor(this.#width / labels.length);
    return [
      new Table({
        alignment: labels.length === 1 ? AlignmentType.RIGHT : AlignmentType.LEFT,
        columnWidths: labels.map(() => width),
        rows: [
          new TableRow({
            cantSplit: true,
            height: { value: 520, rule: HeightRule.ATLEAST },
            children: labels.map(
              (label) =>
                new TableCell({
                  width: { size: width, type: WidthType.DXA },
                  children: [new Paragraph({ text: label, style: 'Facts', keepNext: keep })],
                }),
            ),
          }),
        ],
      }),
      this.#gap(keep),
    ];
  }
}

const isSign = (node: FormulaNode | undefined, sign: string): boolean => node?.kind === 'text' && node.text === sign;

export const paperAsDocx = {
  id: 'paper-docx',
  name: 'a paper as a document to edit',
  type: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  ending: 'docx',
  writes: paperDocx,
} satisfies FileKind & Record<string, unknown>;
