/** Quarters of the year by their number, 1 to 4. */
export const QUARTERS = ['', 'Jan to March', 'April to June', 'July to Sept', 'Oct to Dec'] as const;
