/** How ids are called. */
export interface Names {
  readonly member: (id: string) => string;
  readonly species: (id: string) => string;
  readonly box: (id: string) => string;
  readonly zone: (id: string) => string;
}
