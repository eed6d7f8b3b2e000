/** Every entering style there is: the shipped ones, then those made here. */

import { shippedStyles, type EnteringStyle } from '@hardy-sextant/core';
import { useMemo } from 'react';
import { useEnteringStyles } from '../api/rulesRecords.ts';

export function useAllEnteringStyles(): readonly EnteringStyle[] {
  const { data } = useEnteringStyles();
  return useMemo(() => [...shippedStyles, ...(data ?? []).map(({ id, style }) => ({ id, ...style }))], [data]);
}
