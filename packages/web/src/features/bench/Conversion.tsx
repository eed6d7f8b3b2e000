/** A rate quoted in every way, and the working of the one that is asked for. */
import type { Ask, CaseOutcome } from '@hardy-sextant/core';
import { lazy, Suspense } from 'react';
import { Loading } from '../../ui/States.tsx';
import { EveryWay } from './EveryWay.tsx';
import type { BenchCase } from './useBenchCase.ts';
import { say } from '../../words/say.ts';

const WorkingDesk = lazy(() => import('../../working/WorkingDesk.tsx'));

interface ConversionProps {
  readonly stated: BenchCase;
  readonly converted: Extract<CaseOutcome, { state: 'converted' }>['converted'];
  readonly asked: Ask;
}

export function Conversion({ stated: { draft, rules, style, title }, converted, asked }: ConversionProps) {
  const words = say('What {{rate}} % is, quoted otherwise.', { rate: draft.slots.rate });
  return (
    <>
      <EveryWay draft={draft} converted={converted} />
      {converted.unknown === 'converted' && (
        <Suspense fallback={<Loading what={say('the working')} />}>
          <WorkingDesk
            view="working"
            draft={draft}
            rules={rules}
            style={style}
            title={title || say('A conversion')}
            statement={{ solved: words, asked: words }}
            ask={asked}
            fixed
          />
        </Suspense>
      )}
    </>
  );
}
