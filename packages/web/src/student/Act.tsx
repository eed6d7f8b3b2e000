/** The buttons of the student's pages: large enough for a thumb, in one voice. */
import type { ComponentPropsWithoutRef } from 'react';
import styles from './Student.module.css';

type ActProps = ComponentPropsWithoutRef<'button'> & {
  /** The one thing to do next. */
  readonly main?: boolean;
};

export const Act = ({ main = false, type = 'button', ...rest }: ActProps) => (
  <button type={type} className={main ? styles.go : styles.act} {...rest} />
);
