/** What `--lan` sets: the network of the house or the boat is served too. */
export const lanFlag = () => (process.argv.includes('--lan') ? { DAGBOEK_LAN: '1' } : {});
