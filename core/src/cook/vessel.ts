/** The foot of a vessel, inside, mm: round, or as wide and long. `deepMm`: how high its rim. */
export interface Vessel {
  readonly id: string;
  readonly name: string;
  readonly use: 'pan' | 'pot' | 'kettle' | 'steamer' | 'grill' | 'tray';
  readonly shape: 'round' | 'oblong';
  /** Across; of an oblong one its longer side. */
  readonly longMm: number;
  readonly wideMm: number;
  readonly deepMm: number;
}

/** What is wrong with a vessel's measures, in a sentence; null when nothing. */
export function vesselTrouble(v: Pick<Vessel, 'longMm' | 'wideMm' | 'deepMm' | 'name'>): string | null {
  if (!v.name.trim()) return 'Give it a name, for example Iron pan.';
  if (!(v.longMm >= 50 && v.longMm <= 2000) || !(v.wideMm >= 50 && v.wideMm <= 2000))
    return 'Measure the bottom inside: between 5 and 200 cm.';
  if (v.wideMm > v.longMm) return 'Enter the longer side first.';
  if (!(v.deepMm >= 5 && v.deepMm <= 600)) return 'The rim must be between 0.5 and 60 cm high.';
  return null;
}
