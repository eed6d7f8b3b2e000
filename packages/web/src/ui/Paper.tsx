/** What goes to paper in place of the screen: while it stands, nothing else is printed. */
import { useLayoutEffect, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import styles from './Paper.module.css';

export function Paper({ children }: { readonly children: ReactNode }) {
  useLayoutEffect(() => {
    document.documentElement.dataset.paper = 'yes';
    return () => {
      delete document.documentElement.dataset.paper;
    };
  }, []);
  return createPortal(
    <section className={styles.print} aria-hidden>
      {children}
    </section>,
    document.body,
  );
}

export { styles as paperStyles };
