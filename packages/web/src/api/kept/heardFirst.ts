/**
 * Sends, and goes on when the screens have heard of what arrived: what leaves an outbox is never missing from its page.
 * Screens hear of it in a timer of their own, which was set before this one.
 */
export const heardFirst =
  <T, R>(send: (batch: readonly T[]) => Promise<R>) =>
  async (batch: readonly T[]): Promise<R> => {
    const outcome = await send(batch);
    await new Promise((resolve) => setTimeout(resolve));
    return outcome;
  };
