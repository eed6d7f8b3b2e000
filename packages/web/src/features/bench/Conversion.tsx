/** A rate quoted in every way, and the working of the one that is asked for. */
import type { Ask, CaseOutcome } from '@hardy-sextant/core';
import { lazy, Suspense } from 'react';
import { Loading } from '../../ui/States.tsx';
import { EveryWay } from './EveryWay.tsx';
import type { BenchCase } from './useBenchCase.ts';

const WorkingDesk = lazy(() => import('../../working/WorkingDesk.tsx'));

interface ConversionProps {
  readonly stated: BenchCase;
  readonly converted: Extract<CaseOutcome, { state: 'converted' }>['converted'];
  readonly asked: Ask;
}

export function Conversion({ stated: { draft, rules, style, title }, converted, asked }: ConversionProps) {
  const words = `What ${draft.slots.rate} % is, quoted otherwise.`;
  return (
    <>
      <EveryWay draft={draft} converted={converted} />
      {converted.unknown === 'converted' && (
        <Suspense fallback={<Loading what="the working" />}>
          <WorkingDesk
            view="working"
            draft={draft}
            rules={rules}
            style={style}
            title={title || 'A conversion'}
            statement={{ solved: words, asked: words }}
            ask={asked}
            fixed
          />
        </Suspense>
      )}
    </>
  );
}
