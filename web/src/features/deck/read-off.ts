import { METHODS } from '@dagboek/journal';

/** Ways of measuring in which a number is read and typed. */
export const READ_OFF = METHODS.filter((m) => m !== 'photo');
