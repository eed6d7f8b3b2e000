/** The tool and the worksheet pad, over the page and put away again; what is in the pad stays. */
import { Modal } from '@mantine/core';
import type { StudentPage } from '@hardy-sextant/contract';
import { lazy, Suspense, useState } from 'react';
import { Act } from '../../student/Act.tsx';
import styles from '../../student/Student.module.css';
import { say } from '../../words/say.ts';

const FiveValueTool = lazy(async () => ({ default: (await import('../../student/FiveValueTool.tsx')).FiveValueTool }));
const WorksheetPad = lazy(async () => ({ default: (await import('../../student/WorksheetPad.tsx')).WorksheetPad }));

export function ToolSheet({ page }: { readonly page: StudentPage }) {
  const [opened, setOpened] = useState(false);
  const [tool, setTool] = useState<'five' | 'pad'>('five');
  return (
    <>
      <Act onClick={() => setOpened(true)}>{say('Tool')}</Act>
      <Modal
        opened={opened}
        onClose={() => setOpened(false)}
        title={say('Tool')}
        size="lg"
        closeButtonProps={{ 'aria-label': say('Close') }}
      >
        <div className={styles['acts']}>
          {(['five', 'pad'] as const).map((each) => (
            <Act key={each} aria-pressed={tool === each} onClick={() => setTool(each)}>
              {say(each === 'five' ? 'Five values' : 'Worksheet pad')}
            </Act>
          ))}
        </div>
        <Suspense fallback={null}>
          {tool === 'five' ? (
            <FiveValueTool style={page.numberStyle} entering={page.entering} />
          ) : (
            <WorksheetPad setId={page.setId} />
          )}
        </Suspense>
      </Modal>
    </>
  );
}
