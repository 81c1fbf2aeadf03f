import type { StoreKind } from './store-kinds.ts';

/** What one who names a store is told of its kind. */
export const STORE_ABOUT: Readonly<Record<StoreKind, string>> = {
  fridge: 'A shelf of it; the lowest is the coldest.',
  'ice tray': 'A tray of ice in the fridge, fish on a rack above the melt water.',
  'ageing rack': 'A rail or rack for whole fish, dry, 0 to 2° and 80 to 90 % humidity.',
  shed: 'As cold as the weather: measure it.',
  freezer:
    'Chest, upright, or a drawer of the fridge. Most home freezers never reach −20°, which raw fish needs: measure yours.',
};
