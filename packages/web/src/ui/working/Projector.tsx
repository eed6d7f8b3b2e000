/** The steps one by one in large type, for a class to see. Arrow keys go on and back; H hides the answer. */
import { Button, Modal } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { stepsAt, type Detail, type Step, type WorkedSolution } from '@hardy-sextant/core';
import { useState } from 'react';
import { StepShown } from './Steps.tsx';
import styles from './Projector.module.css';

interface ProjectorProps {
  readonly title: string;
  readonly statement: string;
  readonly solution: WorkedSolution;
  readonly wayId: string;
  readonly detail: Detail;
  readonly onWay: (id: string) => void;
  readonly onClose: () => void;
}

export function Projector({ title, statement, solution, wayId, detail, onWay, onClose }: ProjectorProps) {
  const way = solution.ways.find(({ id }) => id === wayId) ?? solution.ways[0]!;
  const steps: readonly Step[] = [...stepsAt(solution.setting, detail), ...stepsAt(way.steps, detail)];
  const [shown, setShown] = useState(1);
  const [hidden, setHidden] = useState(true);
  const next = () => setShown((now) => Math.min(steps.length, now + 1));
  const back = () => setShown((now) => Math.max(1, now - 1));
  useHotkeys([
    ['ArrowRight', next],
    ['ArrowDown', next],
    ['Space', next],
    ['PageDown', next],
    ['ArrowLeft', back],
    ['ArrowUp', back],
    ['PageUp', back],
    ['Home', () => setShown(1)],
    ['End', () => setShown(steps.length)],
    ['H', () => setHidden((now) => !now)],
  ]);
  return (
    <Modal.Root opened fullScreen onClose={onClose} transitionProps={{ duration: 0 }}>
      <Modal.Content aria-label={title} className={styles.content}>
        <Modal.Body className={styles.body}>
          <div className={styles.head}>
            <h1 className={styles.title}>{title}</h1>
            <Button onClick={onClose}>Close</Button>
          </div>
          <p className={styles.statement}>{statement}</p>
          <div className={styles.asked}>
            <h2>
              {solution.title}{' '}
              {hidden ? (
                <span className={styles.cover} role="img" aria-label="the answer is hidden" />
              ) : (
                <strong className="figures">{solution.answer}</strong>
              )}
            </h2>
            <select
              aria-label="way"
              value={way.id}
              onChange={(event) => (onWay(event.currentTarget.value), setShown(1))}
            >
              {solution.ways.map(({ id, title: words }) => (
                <option key={id} value={id}>
                  {words}
                </option>
              ))}
            </select>
          </div>
          <ol className={styles.steps} aria-live="polite">
            {steps.slice(0, shown).map((step, at) => (
              <li key={at} data-now={at === shown - 1} data-covered={hidden && step.kind === 'answer'}>
                <StepShown step={step} />
              </li>
            ))}
          </ol>
          <div className={styles.bar}>
            <Button size="md" onClick={() => setHidden(!hidden)}>
              {hidden ? 'Show the answer' : 'Hide the answer'}
            </Button>
            <span className="figures" role="status">
              Step {shown} of {steps.length}
            </span>
            <Button size="md" onClick={back} disabled={shown === 1}>
              Back
            </Button>
            <Button size="md" variant="filled" onClick={next} disabled={shown === steps.length} data-autofocus>
              Next
            </Button>
          </div>
        </Modal.Body>
      </Modal.Content>
    </Modal.Root>
  );
}
