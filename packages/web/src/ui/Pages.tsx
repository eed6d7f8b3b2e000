/** The pages of a list: which one is shown, and the way to the others; nothing where one page holds all. */
import { Pagination } from '@mantine/core';
import { PAGE_SIZE } from '@hardy-sextant/contract';

interface PagesProps {
  /** What is listed, such as `exercises`. */
  readonly of: string;
  readonly total: number;
  /** Counted from 1. */
  readonly page: number;
  readonly onPage: (page: number) => void;
}

const names = { previous: 'previous page', next: 'next page' } as const;

export function Pages({ of, total, page, onPage }: PagesProps) {
  const last = Math.ceil(total / PAGE_SIZE);
  if (last <= 1 && page <= 1) return null;
  return (
    <nav aria-label={`pages of ${of}`} style={{ display: 'flex', alignItems: 'center', gap: 16, marginTop: 16 }}>
      <Pagination
        size="sm"
        total={Math.max(last, 1)}
        value={page}
        onChange={onPage}
        getItemProps={(each) => ({ 'aria-label': `page ${each}` })}
        getControlProps={(control) =>
          control === 'previous' || control === 'next' ? { 'aria-label': names[control] } : {}
        }
      />
      <span className="soft">
        {Math.min((page - 1) * PAGE_SIZE + 1, total)}–{Math.min(page * PAGE_SIZE, total)} of {total}
      </span>
    </nav>
  );
}
