/** That one subject names another: a fish its trip, a cut its fish, a pack its cut and fish, a meal its packs. */
export interface Link {
  readonly from: string;
  readonly to: string;
  readonly role: 'trip' | 'fish' | 'cut' | 'meal' | 'pack';
}
