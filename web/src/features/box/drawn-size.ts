/** The inside of the box as it is drawn, px; walls, lid and what stands beside it come on top. */
export const [W, H, WALL, LID] = [360, 236, 24, 26];
