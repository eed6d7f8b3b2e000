/** What the screens have read, read again after each write so that nothing from before the write stays. */

import { QueryClient, type InvalidateOptions, type InvalidateQueryFilters, type QueryKey } from '@tanstack/react-query';

/**
 * A query client whose `invalidateQueries` also takes back a first reading that is still on its way.
 * Left alone it would be joined instead of asked anew, and its answer from before the write would stand.
 */
export class FreshQueries extends QueryClient {
  override async invalidateQueries<K extends QueryKey = QueryKey>(
    filters?: InvalidateQueryFilters<K>,
    options?: InvalidateOptions,
  ): Promise<void> {
    const onTheirWay = this.getQueryCache()
      .findAll({ ...filters, type: 'active', fetchStatus: 'fetching' })
      .filter(({ state }) => state.data === undefined);
    await Promise.all(onTheirWay.map((query) => query.cancel({ revert: true })));
    return super.invalidateQueries(filters, options);
  }
}
