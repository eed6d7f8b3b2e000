/** What one student reads: every part with its verdict, what was found, a comment, the working. */
import { VerdictMark } from '../../ui/VerdictMark.tsx';
import { Steps } from '../../working/Steps.tsx';
import type { Feedback } from '@hardy-sextant/core';
import { TableShown } from '../../ui/PaperShown.tsx';
import styles from './Feedback.module.css';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

export function FeedbackShown({ title, feedback }: { readonly title: string; readonly feedback: Feedback }) {
  return (
    <>
      <header className={styles.head}>
        <div>
          <div className="soft">{title}</div>
          <h2>
            {feedback.name} <span className="soft">{feedback.number}</span>
          </h2>
        </div>
        <strong className="figures">{feedback.total}</strong>
      </header>
      {feedback.exercises.map(({ title: name, story, parts }, at) => (
        <section key={at}>
          <h3>
            {at + 1} · {name}
          </h3>
          <p className="story pre-line">{story}</p>
          {parts.map((part) => (
            <PartShown key={part.id} part={part} />
          ))}
        </section>
      ))}
    </>
  );
}

function PartShown({ part }: { readonly part: Feedback['exercises'][number]['parts'][number] }) {
  return (
    <div className={styles.part}>
      <p>
        <strong>{part.id}</strong> {part.prompt} <span className="figures soft">{part.marks}</span>
      </p>
      <p>
        {part.answer !== '' && (
          <>
            <Said
              text="Your answer: <span>{{answer}}</span>"
              values={{ answer: part.answer.slice(0, 200) }}
              parts={{ span: <span className="figures" /> }}
            />{' '}
          </>
        )}
        <VerdictMark verdict={part} brief /> {part.verdict}
      </p>
      {part.says.map((each) => (
        <p key={each} className="said">
          {each}
        </p>
      ))}
      {part.rubric.length > 0 && (
        <ul>
          {part.rubric.map(({ says, has }) => (
            <li key={says}>
              {has ? '✓' : '–'} {says}
            </li>
          ))}
        </ul>
      )}
      {part.comment !== '' && <p className={styles.comment}>{part.comment}</p>}
      {part.table?.kind === 'table' && (
        <>
          <p>{say('The table, filled in rightly:')}</p>
          <TableShown block={part.table} />
        </>
      )}
      {part.working.length > 0 && (
        <details open>
          <summary>{say('The working, with your numbers')}</summary>
          <Steps steps={part.working} name={say('Working of part {{part}}', { part: part.id })} />
        </details>
      )}
    </div>
  );
}
