import type { BoxState, MemberState } from '@dagboek/journal';
import { useMemo } from 'react';
import { useBook } from '../offline/journal-context.tsx';

/** People who come along and boxes in use; those that left or were retired are offered nowhere. In the order in which they joined. */
export function useCrew(): { members: MemberState[]; boxes: BoxState[] } {
  const { book } = useBook();
  return useMemo(() => {
    const inTurn = (a: string, b: string): number => Date.parse(a) - Date.parse(b);
    return {
      members: book
        .all('member')
        .filter((m) => m.leftAt === null)
        .sort((a, b) => inTurn(a.joinedAt, b.joinedAt) || (a.id < b.id ? -1 : 1)),
      boxes: book
        .all('box')
        .filter((b) => b.retiredAt === null)
        .sort((a, b) => inTurn(a.addedAt, b.addedAt) || (a.id < b.id ? -1 : 1)),
    };
  }, [book]);
}
