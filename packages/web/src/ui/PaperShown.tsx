/** A sheet of paper on the screen and on a printer: the same blocks as in a file. */
import type { PaperBlock, PaperCell, PaperSheet, PaperText } from '@hardy-sextant/core';
import { Formula } from './Formula.tsx';
import { ReadByPhone } from './ReadByPhone.tsx';
import styles from './PaperShown.module.css';

export function PaperShown({ sheet: { blocks, who, code, link } }: { readonly sheet: PaperSheet }) {
  return (
    <>
      {link !== undefined && <ReadByPhone link={link} className={styles.corner ?? ''} />}
      <Blocks blocks={blocks} />
      {code !== undefined && (
        <p className={styles.code}>
          {who} · {code}
        </p>
      )}
    </>
  );
}

/** Blocks of a paper never change while they are shown: their place names them. */
export function Blocks({ blocks }: { readonly blocks: readonly PaperBlock[] }) {
  return blocks.map((block, at) => <BlockShown key={at} block={block} />);
}

function BlockShown({ block }: { readonly block: PaperBlock }) {
  switch (block.kind) {
    case 'heading':
      if (block.level === 1) return <h2 className={styles.title}>{block.text}</h2>;
      return block.level === 2 ? <h3>{block.text}</h3> : <h4>{block.text}</h4>;
    case 'text':
      return (
        <p className={block.soft ? 'soft' : styles.text}>
          <span>
            <Pieces pieces={block.pieces} />
          </span>
          {block.beside !== undefined && <span className="soft">{block.beside}</span>}
        </p>
      );
    case 'formula':
      return <Formula tex={block.tex} />;
    case 'list': {
      const items = block.items.map((item, at) => (
        <li key={at}>
          <Pieces pieces={item} />
        </li>
      ));
      return block.ordered ? <ol>{items}</ol> : <ul>{items}</ul>;
    }
    case 'table':
      return <TableShown block={block} />;
    case 'fields':
      return (
        <dl className={styles.fields}>
          {block.fields.map(({ label, value }) => (
            <div key={label}>
              <dt>{label}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
      );
    case 'boxes':
      return (
        <div className={styles.boxes} data-single={block.labels.length === 1}>
          {block.labels.map((label) => (
            <span key={label}>{label}</span>
          ))}
        </div>
      );
    case 'room':
      return <div style={{ height: `${block.height}mm` }} />;
    case 'together':
      return (
        <div className={styles.together}>
          <Blocks blocks={block.blocks} />
        </div>
      );
  }
}

function Pieces({ pieces }: { readonly pieces: readonly PaperText[] }) {
  return pieces.map(({ text, tex, strong, italic, code, given }, at) => {
    if (tex !== undefined) return <Formula key={at} tex={tex} inline />;
    if (code) return <code key={at}>{text}</code>;
    if (given)
      return (
        <span key={at} data-given>
          {text}
        </span>
      );
    if (strong) return <strong key={at}>{text}</strong>;
    return italic ? <em key={at}>{text}</em> : <span key={at}>{text}</span>;
  });
}

export function TableShown({ block: { head, rows } }: { readonly block: Extract<PaperBlock, { kind: 'table' }> }) {
  return (
    <div className="wide">
      <table className={`ledger ${styles.table}`}>
        {head.length > 0 && (
          <thead>
            <tr>
              {head.map(({ text, words }, at) => (
                <th key={at} scope="col" className={words ? 'words' : undefined}>
                  {text}
                </th>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {rows.map((cells, at) => (
            <tr key={at}>
              {cells.map((cell, column) => (
                <CellShown key={column} cell={cell} />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const CellShown = ({ cell: { text, blank, words } }: { readonly cell: PaperCell }) => (
  <td className={words ? 'words' : undefined} data-blank={blank}>
    {text}
  </td>
);
