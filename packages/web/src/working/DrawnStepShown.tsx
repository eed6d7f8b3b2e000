/** One step of a worksheet: in words, in full, and the sheet drawn as far as it is built by then. */
import type { DrawnCell, DrawnSheet, DrawnStep, Forgotten } from '@hardy-sextant/core';
import { useState } from 'react';
import { TextButton } from '../ui/TextButton.tsx';
import styles from './DrawnStep.module.css';
import { say } from '../words/say.ts';

export function DrawnStepShown({ step }: { readonly step: DrawnStep }) {
  const { title, sentence, formula, note, sheet, forgotten } = step;
  return (
    <div className={styles.drawn}>
      <p className={styles.sentence}>
        <span className="visually-hidden">{title}. </span>
        {sentence.map(({ text }, at) => (
          <span key={at}>{text}</span>
        ))}
      </p>
      <p className={styles.formulaLine}>
        {formula.length > 0 && (
          <code className={styles.formula}>
            {formula.map(({ text, mark }, at) => (
              <span key={at} data-mark={mark}>
                {text}
              </span>
            ))}
          </code>
        )}
        {note && <span className="soft">{note}</span>}
      </p>
      <Sheet sheet={sheet} />
      {forgotten.length > 0 && <WhenForgotten forgotten={forgotten} />}
    </div>
  );
}

const marks = {
  now: say('what this step is about'),
  read: say('read, goes along'),
  fixed: say('read, stays'),
} as const;

/** The inputs with their names, and the rows of the table: cells are named by what they hold, and by address behind it. */
function Sheet({ sheet: { inputs, titles, rows } }: { readonly sheet: DrawnSheet }) {
  return (
    <>
      <dl className={styles.inputs}>
        {inputs.map((input) => (
          <div key={input.at}>
            <dt>{input.label}</dt>
            <dd>
              <Cell cell={input} name={input.label} />
              <small>
                {input.at}
                {input.mark === 'fixed' && say(' stays')}
              </small>
            </dd>
          </div>
        ))}
      </dl>
      {titles.length > 0 && (
        <div className="wide tight">
          <table className={styles.rows}>
            <thead>
              <tr>
                {titles.map((title) => (
                  <th key={title}>{title}</th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row, at) => (
                <tr key={at}>
                  {row === 'gap' ? (
                    <td colSpan={titles.length} className="soft">
                      …
                    </td>
                  ) : (
                    row.map((cell, place) => (
                      <td key={cell.at}>
                        <Cell cell={cell} name={titles[place] ?? ''} />
                      </td>
                    ))
                  )}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  );
}

function Cell({ cell: { at, shows, mark }, name }: { readonly cell: DrawnCell; readonly name: string }) {
  return (
    <span className={styles.cell} data-mark={mark} title={`${name}, ${at}`}>
      {shows === '' ? <span className="soft">{say('next')}</span> : shows}
      {mark && <span className="visually-hidden"> {marks[mark]}</span>}
    </span>
  );
}

/** What becomes of the column where the fixing of a reference is forgotten: one click away. */
function WhenForgotten({ forgotten }: { readonly forgotten: readonly Forgotten[] }) {
  const [open, setOpen] = useState<string>();
  const shown = forgotten.find(({ at }) => at === open);
  return (
    <div className={styles.forgotten}>
      {forgotten.map(({ at, holds }) => (
        <TextButton key={at} aria-expanded={open === at} onClick={() => setOpen(open === at ? undefined : at)}>
          {say('What if {{at}}, {{holds}}, is not fixed?', { at, holds })}
        </TextButton>
      ))}
      {shown && <Slid forgotten={shown} />}
    </div>
  );
}

function Slid({ forgotten: { says, holds, rows } }: { readonly forgotten: Forgotten }) {
  return (
    <div role="status">
      <p>{says}</p>
      <table className={styles.rows}>
        <thead>
          <tr>
            <th>{say('payment')}</th>
            <th>{say('reads')}</th>
            <th>{holds === 'the rate' ? say('interest') : say('paid')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ payment, reads, shows }) => (
            <tr key={payment}>
              <td>
                <span className={styles.cell}>{payment}</span>
              </td>
              {[reads, shows].map((text) => (
                <td key={text}>
                  <span className={styles.cell} data-mark="wrong">
                    {text}
                  </span>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
