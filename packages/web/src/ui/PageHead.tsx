/** The head of a screen: where one is, its title, what can be done. */
import { useEffect, type ReactNode } from 'react';
import { say } from '../words/say.ts';

interface PageHeadProps {
  readonly title: string;
  /** The path that leads here. */
  readonly where?: ReactNode;
  /** Shown in the title's place, such as a field to rename. */
  readonly heading?: ReactNode;
  readonly children?: ReactNode;
}

export function PageHead({ title, where, heading, children }: PageHeadProps) {
  useEffect(() => {
    document.title = say('{{title}} · Hardy Sextant', { title });
  }, [title]);
  return (
    <div className="page-head">
      <div className="heading">
        {where && <div className="where">{where}</div>}
        {heading ?? <h1>{title}</h1>}
      </div>
      {children && <div className="actions">{children}</div>}
    </div>
  );
}
