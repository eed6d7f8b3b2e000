/** What of a set goes to paper: its choice is in the address. */
import { enteringStyleById } from '@hardy-sextant/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useClass } from '../../../api/setRecords.ts';
import { Failed, LoadingPage } from '../../../ui/States.tsx';
import { useAllEnteringStyles } from '../../../working/useAllEnteringStyles.ts';
import { useInSection } from '../Sections.tsx';
import { useMarking, useSlipTexts } from '../markingRecords.ts';
import type { PaperSources } from './paperOf.ts';
import { PapersDesk } from './PapersDesk.tsx';
import { say } from '../../../words/say.ts';

export function PapersPage() {
  const { setId = '' } = useParams();
  const marking = useMarking(setId);
  const chosen = useClass(marking.data?.set.classId);
  const texts = useSlipTexts();
  if (marking.isError && !marking.data)
    return <Failed what={say('set')} error={marking.error} again={() => void marking.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what={say('class')} error={chosen.error} again={() => void chosen.refetch()} />;
  if (texts.isError && !texts.data)
    return <Failed what={say('texts')} error={texts.error} again={() => void texts.refetch()} />;
  if (!marking.data || !chosen.data || !texts.data)
    return <LoadingPage title={say('Papers')} what={say('the papers')} />;
  return <WithSources marking={marking.data} chosen={chosen.data} texts={texts.data} />;
}

/** The class's entering style stands beside what is read. */
function WithSources({ marking: everybody, chosen, texts }: Omit<PaperSources, 'entering'>) {
  const marking = useInSection(everybody);
  const entering = enteringStyleById(chosen.rules.entering, useAllEnteringStyles());
  const sources = useMemo(
    () => ({ marking, chosen, texts, entering, origin: window.location.origin }),
    [marking, chosen, texts, entering],
  );
  const { id, title } = marking.set;
  const where = (
    <>
      <Link to="/sets">{say('Sets')}</Link> · <Link to={`/sets/${id}`}>{title}</Link>
    </>
  );
  return <PapersDesk sources={sources} everybody={everybody} where={where} />;
}
