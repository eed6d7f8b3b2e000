/** Words inside a line or a list that do something when pressed. */
import type { ComponentProps } from 'react';

export function TextButton(props: Omit<ComponentProps<'button'>, 'className' | 'type'>) {
  return <button {...props} type="button" className="link small" />;
}
