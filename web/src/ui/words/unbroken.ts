/** A text in which no line ends between a number and its unit: "under 1 %", "28 cm". */
export const unbroken = (text: string): string =>
  text.replace(/(\d) (?=%|(?:[ckm]?m|k?g|ml|l|min|h|s|in|ft|lb|oz|gal)\b)/g, '$1\u00a0');
