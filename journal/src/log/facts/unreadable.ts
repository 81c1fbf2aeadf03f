/** Thrown where a document in the log cannot be read: its sentence is shown beside the line, which changes nothing. */
export class Unreadable extends Error {}
