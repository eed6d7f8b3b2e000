/**
 * What is told after a write, told even if the form that wrote it is gone by then: what a list shows anew may take the
 * form away before `mutate` would call its own `onSuccess`.
 *
 * @param written as `mutateAsync` gives it
 * @param tellWrong what is told when it fails; nothing where the form itself shows the mutation's error
 */
export function tellAfter<Kept>(
  written: Promise<Kept>,
  tell: (kept: Kept) => void,
  tellWrong: (error: Error) => void = () => undefined,
): void {
  void written.then(tell, tellWrong);
}
