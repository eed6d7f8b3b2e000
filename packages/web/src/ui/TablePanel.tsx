/** A table of a plan, its rows drawn only where they are looked at, with totals at its foot. */
import { useVirtualizer } from '@tanstack/react-virtual';
import type { Table } from '@hardy-sextant/core';
import { useRef } from 'react';
import { Amount, Count } from './Figures.tsx';
import styles from './TablePanel.module.css';

const ROW = 26;

export function TablePanel({ table }: { readonly table: Table }) {
  const scroller = useRef<HTMLDivElement>(null);
  const rows = table.rows;
  const virtual = useVirtualizer({ count: rows.length, getScrollElement: () => scroller.current, estimateSize: () => ROW, overscan: 12 });
  const items = virtual.getVirtualItems();
  return (
    <div className={`sheet ${styles.panel}`}>
      <div ref={scroller} className={styles.scroller} tabIndex={0} role="region" aria-label="Amortization table">
        <div role="table" aria-rowcount={rows.length + 1} className="figures">
          <div role="row" className={`${styles.row} ${styles.head}`}>
            {['No.', 'Opening', 'Interest', 'Payment', 'Extra', table.plan.kind === 'saving' ? 'Added' : 'To principal', 'Closing'].map((title) => (
              <span role="columnheader" key={title}>
                {title}
              </span>
            ))}
          </div>
          <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
            {items.map(({ index, start }) => {
              const row = rows[index]!;
              return (
                <div
                  role="row"
                  aria-rowindex={index + 2}
                  key={index}
                  className={styles.row}
                  style={{ transform: `translateY(${start}px)`, position: 'absolute', inset: '0 0 auto' }}
                >
                  <span role="cell">
                    <Count value={row.number} />
                  </span>
                  <span role="cell">
                    <Amount value={row.opening} />
                  </span>
                  <span role="cell">
                    <Amount value={row.interest} />
                  </span>
                  <span role="cell">
                    <Amount value={row.payment} />
                  </span>
                  <span role="cell">
                    <Amount value={row.extra} dash />
                  </span>
                  <span role="cell">
                    <Amount value={row.principal} />
                  </span>
                  <span role="cell">
                    <Amount value={row.closing} />
                  </span>
                </div>
              );
            })}
          </div>
        </div>
      </div>
      <div className={`${styles.row} ${styles.foot} figures`} aria-label="Totals">
        <span>All</span>
        <span />
        <span>
          <Amount value={table.totalInterest} />
        </span>
        <span>
          <Amount value={table.totalPaid - table.totals.extra} />
        </span>
        <span>
          <Amount value={table.totals.extra} dash />
        </span>
        <span>
          <Amount value={table.totals.principal} />
        </span>
        <span>
          <Amount value={table.closing} />
        </span>
      </div>
    </div>
  );
}
