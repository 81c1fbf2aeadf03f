/** Why the network of the house cannot be served, in a sentence with the way out. */
export class DoorTrouble extends Error {}
