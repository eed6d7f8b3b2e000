/** The steps one by one in large type, for a class to see. Arrow keys go on and back; H hides the answer. */
import { Button, Modal } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { stepsAt, type Detail, type Step, type WorkedSolution } from '@hardy-sextant/core';
import { useState } from 'react';
import { Pick } from '../ui/Pick.tsx';
import { StepShown } from './Steps.tsx';
import { useWalk, WalkBar } from './Walk.tsx';
import styles from './Projector.module.css';
import { say } from '../words/say.ts';

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
  const way = solution.ways.find(({ id }) => id === wayId) ?? solution.ways[0];
  const steps: readonly Step[] = [
    // The worksheet begins with its own inputs.
    ...(way?.id === 'worksheet' ? [] : stepsAt(solution.setting, detail)),
    ...stepsAt(way?.steps ?? [], detail),
  ];
  const walk = useWalk(steps.length);
  const [hidden, hide] = useHiding();
  return (
    <Modal.Root opened fullScreen onClose={onClose} transitionProps={{ duration: 0 }}>
      <Modal.Content aria-label={title} className={styles.content}>
        <Modal.Body className={styles.body}>
          <div className="ends">
            <h1 className="called" style={{ fontSize: 24 }}>
              {title}
            </h1>
            <Button onClick={onClose}>{say('Close')}</Button>
          </div>
          <p className={styles.statement}>{statement}</p>
          <div className={styles.asked}>
            <h2>
              {solution.title}{' '}
              {hidden ? (
                <span className={styles.cover} role="img" aria-label={say('the answer is hidden')} />
              ) : (
                <strong className="figures">{solution.answer}</strong>
              )}
            </h2>
            <Pick
              label={say('way')}
              value={way?.id ?? ''}
              options={solution.ways.map(({ id, title: words }) => [id, words])}
              onPick={(id) => {
                onWay(id);
                walk.begin();
              }}
            />
          </div>
          <ol className={`list ${styles.steps}`} aria-live="polite">
            {steps.slice(0, walk.shown).map((step, at) =>
              // A worksheet is drawn as it stands now, over what it was before.
              step.kind === 'drawn' && at < walk.shown - 1 ? null : (
                <li key={at} data-now={at === walk.shown - 1} data-covered={hidden && step.kind === 'answer'}>
                  <StepShown step={step} />
                </li>
              ),
            )}
          </ol>
          <WalkBar walk={walk} count={steps.length}>
            <Button size="md" onClick={hide}>
              {hidden ? say('Show the answer') : say('Hide the answer')}
            </Button>
          </WalkBar>
        </Modal.Body>
      </Modal.Content>
    </Modal.Root>
  );
}

/** Whether the answer is hidden; H turns it over. */
function useHiding(): [boolean, () => void] {
  const [hidden, setHidden] = useState(true);
  const hide = () => setHidden((now) => !now);
  useHotkeys([['H', hide]]);
  return [hidden, hide];
}
