import type { SentBy } from '@dagboek/journal';
import { useQuery } from '@tanstack/react-query';

/** The joined device that sent a line, as the server noted it. Nothing while that is not known, nor for a line of the server's own machine. */
export function SentByNote({ entry }: { entry: string }) {
  const { data } = useQuery({
    queryKey: ['journal', 'sender', entry],
    queryFn: async (): Promise<SentBy | null> => {
      const res = await fetch(`/api/journal/${entry}/sender`, { signal: AbortSignal.timeout(6000) });
      return res.ok ? ((await res.json()) as SentBy) : null;
    },
    networkMode: 'always',
    retry: false,
    gcTime: 60_000,
  });
  if (!data?.device) return null;
  return <p className="hint">Sent by {data.device.name}, as the server noted it.</p>;
}
