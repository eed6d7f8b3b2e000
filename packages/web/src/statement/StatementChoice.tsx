/** The choices of a statement's sentence: how often and when is paid, how rates are quoted. */
import { frequencies, type RateQuote, type Segment, type StatementDraft } from '@hardy-sextant/core';
import { Choice } from './Choice.tsx';
import { withFrequency } from './editing.ts';
import { quoteChoices, quoteId } from './quotes.ts';
import styles from './Statement.module.css';
import { say } from '../words/say.ts';

interface StatementChoiceProps {
  readonly draft: StatementDraft;
  readonly choice: Extract<Segment, { choice: unknown }>['choice'];
  readonly onChange: (draft: StatementDraft, what: string) => void;
}

export function StatementChoice({ draft, choice, onChange }: StatementChoiceProps) {
  switch (choice) {
    case 'timing':
      return (
        <Choice
          label={say('when payments fall')}
          value={draft.timing}
          onChange={(timing) => onChange({ ...draft, timing }, 'timing')}
          options={[
            ['end', say('end')],
            ['begin', say('beginning')],
          ]}
        />
      );
    case 'frequency':
      return (
        <Choice
          label={say('how often payments fall')}
          value={String(draft.paymentsPerYear)}
          onChange={(value) => onChange(withFrequency(draft, Number(value)), 'frequency')}
          options={frequencies.map(({ perYear, adverb }) => [String(perYear), adverb])}
        />
      );
    case 'flatBy':
      return (
        <Choice
          label={say('what the flat charge is a percentage of')}
          value={draft.flatBy}
          onChange={(flatBy) => onChange({ ...draft, flatBy }, 'flatBy')}
          options={[
            ['a-year', say('of it for each year')],
            ['outright', say('of it once')],
          ]}
        />
      );
    case 'into':
    case 'quote':
      return (
        <Quoting
          label={choice === 'into' ? say('how the other rate is quoted') : say('how the rate is quoted')}
          quote={draft[choice]}
          paymentsPerYear={draft.paymentsPerYear}
          onChange={(quote) => onChange({ ...draft, [choice]: quote }, choice)}
        />
      );
  }
}

interface QuotingProps {
  readonly label: string;
  readonly quote: RateQuote;
  readonly paymentsPerYear: number;
  readonly onChange: (quote: RateQuote) => void;
}

function Quoting({ label, quote, paymentsPerYear, onChange }: QuotingProps) {
  const choices = quoteChoices(paymentsPerYear, quote);
  return (
    <>
      <Choice
        label={label}
        value={quoteId(quote)}
        onChange={(value) => onChange(choices.find(({ id }) => id === value)?.quote ?? quote)}
        options={choices.map(({ id, words }) => [id, words])}
      />
      {quote.kind === 'daily' && (
        <>
          {' '}
          {say('for')}{' '}
          <input
            className={`${styles.slot} ${styles.days}`}
            aria-label={say('days in a billing period')}
            type="number"
            min={1}
            max={3660}
            value={quote.daysPerPeriod}
            onChange={(event) => {
              const days = event.currentTarget.valueAsNumber;
              if (days > 0 && days <= 3660) onChange({ ...quote, daysPerPeriod: days });
            }}
          />{' '}
          {say('days a period')}
        </>
      )}
    </>
  );
}
