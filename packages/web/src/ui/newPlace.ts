/** The name of a place in a set: made anew each time, so that what was answered in an earlier place is never shown in it. */
export const newPlace = (): string => `e-${crypto.randomUUID().replaceAll('-', '').slice(0, 12)}`;
