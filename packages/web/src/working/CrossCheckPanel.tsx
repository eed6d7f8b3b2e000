/** Cross-check: the ways against their numbers, to as many decimals as wanted, and why those that differ do. */
import {
  crossCheck,
  numbersByConvention,
  writeNumber,
  type HouseRules,
  type NumberStyle,
  type Question,
  type WorkedSolution,
} from '@hardy-sextant/core';
import type { ReactNode } from 'react';
import { useSearchSetting } from '../ui/useSearchSetting.ts';
import { FieldInAddress } from '../ui/Field.tsx';
import styles from './Working.module.css';
import { many, say } from '../words/say.ts';

interface CrossCheckPanelProps {
  readonly solution: WorkedSolution;
  readonly question: Question;
  readonly rules: HouseRules;
  readonly style: NumberStyle;
  /** What is asked, and other choices, beside the decimals. */
  readonly children?: ReactNode;
}

export function CrossCheckPanel({ solution, question, rules, style, children }: CrossCheckPanelProps) {
  const [search, set] = useSearchSetting();
  const decimals = Math.min(15, Math.max(0, Number(search.get('decimals') ?? 9) || 0));
  const checked = crossCheck(solution, decimals, style);
  return (
    <>
      <div className="line small tools">
        {children}
        <label>
          {say('to')}
          <FieldInAddress
            className="short"
            type="number"
            min={0}
            max={15}
            value={decimals}
            onText={(text) => set('decimals', text)}
            label={say('decimals compared')}
          />
          {say('decimals')}
        </label>
      </div>
      <div className={`sheet ${styles.check}`}>
        <p className="block" role="status">
          <strong>{solution.title}.</strong> {checked.says}
        </p>
        <table className="ledger">
          <thead>
            <tr>
              <th className="words">{say('Way')}</th>
              <th>{say('Number')}</th>
              <th>{say('Difference')}</th>
              <th>{say('Because')}</th>
            </tr>
          </thead>
          <tbody>
            {checked.ways.map(({ id, title, written, difference, because }) => (
              <tr key={id}>
                <td className="words">{title}</td>
                <td>{written}</td>
                <td className={difference === 0 ? undefined : 'doubt'}>
                  {difference === 0 ? '–' : writeNumber(difference, decimals, style)}
                </td>
                <td>{because ?? ''}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <ByConvention question={question} rules={rules} />
    </>
  );
}

/** What the answer is where other things are rounded on the way: all of it right. */
function ByConvention({ question, rules }: Pick<CrossCheckPanelProps, 'question' | 'rules'>) {
  const numbers = numbersByConvention(question, rules);
  return (
    <div className={`sheet ${styles.check} ${styles.conventions}`}>
      <p className="block">
        <strong>{say('By convention.')}</strong>{' '}
        {many(
          numbers.length,
          'Whatever is rounded on the way, the answer is the same.',
          'What is rounded on the way moves the last digits. Each of these is right; the first is the class’s own.',
        )}
      </p>
      <table className="ledger">
        <thead>
          <tr>
            <th>{say('Answer')}</th>
            <th>{say('Rounded on the way')}</th>
          </tr>
        </thead>
        <tbody>
          {numbers.map(({ name, written }) => (
            <tr key={written}>
              <td>{written}</td>
              <td>{name}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
