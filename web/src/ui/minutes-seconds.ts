/** "04:20", or "1:04:20" from an hour on. */
export const minutesSeconds = (ms: number): string => {
  const s = Math.max(0, Math.floor(ms / 1000));
  const two = (n: number): string => String(n).padStart(2, '0');
  const rest = `${two(Math.floor((s % 3600) / 60))}:${two(s % 60)}`;
  return s < 3600 ? rest : `${Math.floor(s / 3600)}:${rest}`;
};
