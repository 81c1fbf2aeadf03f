import { v7 } from 'uuid';

/** An id made on this device. */
export const newId = (): string => v7();
