/** The pages of a list: which one is shown, and the way to the others; nothing where one page holds all. */
import { Pagination } from '@mantine/core';
import { PAGE_SIZE } from '@hardy-sextant/contract';
import { say } from '../words/say.ts';

interface PagesProps {
  /** What is listed, such as `exercises`. */
  readonly of: string;
  readonly total: number;
  /** Counted from 1. */
  readonly page: number;
  readonly onPage: (page: number) => void;
}

const names = { previous: say('previous page'), next: say('next page') } as const;

export function Pages({ of, total, page, onPage }: PagesProps) {
  const last = Math.ceil(total / PAGE_SIZE);
  if (last <= 1 && page <= 1) return null;
  return (
    <nav
      aria-label={say('pages of {{of}}', { of })}
      style={{ display: 'flex', alignItems: 'center', gap: 16, marginTop: 16 }}
    >
      <Pagination
        size="sm"
        total={Math.max(last, 1)}
        value={page}
        onChange={onPage}
        getItemProps={(each) => ({ 'aria-label': say('page {{each}}', { each }) })}
        getControlProps={(control) =>
          control === 'previous' || control === 'next' ? { 'aria-label': names[control] } : {}
        }
      />
      <span className="soft">
        {say('{{min}}–{{min2}} of {{total}}', {
          min: Math.min((page - 1) * PAGE_SIZE + 1, total),
          min2: Math.min(page * PAGE_SIZE, total),
          total,
        })}
      </span>
    </nav>
  );
}
