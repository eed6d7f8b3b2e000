/** What can be done with a case as a whole: an exercise made of it, a copy, its deletion and the way back. */
import { notifications } from '@mantine/notifications';
import { exerciseFromCase, type Ask, type HouseRules } from '@hardy-sextant/core';
import type { CaseDocument } from '@hardy-sextant/contract';
import { useNavigate } from 'react-router';
import { useDeleteCase, useWriteCase, useWriteExercise } from '../../api/records.ts';
import { useLeaveDeleted } from '../../api/useLeaveDeleted.ts';
import { say } from '../../words/say.ts';

interface ActedOn {
  readonly caseId: string;
  readonly title: string;
  readonly document: CaseDocument;
  readonly rules: HouseRules;
  /** What is looked at besides what the statement asks: it becomes a part of the exercise. */
  readonly open: Ask | undefined;
  /** Writes what is not stored yet. */
  readonly flush: () => Promise<void>;
  /** Lets go of what is not stored: the case is deleted. */
  readonly drop: () => void;
}

export function useCaseActions({ caseId, title, document, rules, open, flush, drop }: ActedOn) {
  const navigate = useNavigate();
  const writeExercise = useWriteExercise();
  const writeCase = useWriteCase();
  const deleteCase = useDeleteCase();
  const leave = useLeaveDeleted();
  const makeExercise = async () => {
    await flush();
    const { draft, variations, tags } = document;
    const stated = {
      title: title.trim() || say('Unnamed exercise'),
      draft,
      variations,
      tags,
      ...(open ? { open } : {}),
    };
    const stored = await writeExercise.mutateAsync({
      document: { schemaVersion: 2, exercise: exerciseFromCase(stated, rules.rounding) },
      rulesId: document.rules,
    });
    await navigate(`/exercises/${stored.id}`);
  };
  const papers = async () => {
    await flush();
    await navigate(`/bench/${caseId}/papers`);
  };
  const duplicate = async () => {
    const stored = await writeCase.mutateAsync({
      title: say('{{title}}, again', { title: title.trim() || say('Unnamed case') }),
      document,
    });
    notifications.show({
      message: say('“{{title}}” is a case of its own now; you are looking at it.', { title: stored.title }),
    });
    await navigate(`/bench/${stored.id}`);
  };
  const remove = async () => {
    await flush();
    await deleteCase.mutateAsync(caseId);
    drop();
    const name = `“${title || say('Unnamed case')}”`;
    await leave({ kind: 'case', id: caseId, name, list: '/cases', page: `/bench/${caseId}` });
  };

  return {
    makeExercise,
    papers,
    duplicate,
    remove,
    making: writeExercise.isPending,
    error: writeExercise.error?.message ?? writeCase.error?.message ?? deleteCase.error?.message,
  };
}
