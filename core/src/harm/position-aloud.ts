/** A position in words to be read aloud over the radio: degrees and minutes, the way charts and coast guards have it. `at`: longitude, latitude, degrees. */
export function sayPositionAloud([lon, lat]: readonly [number, number]): string {
  const part = (x: number, plus: string, minus: string): string => {
    // Rounded as a whole, so that no minute is 60.
    const minutes = Math.round(Math.abs(x) * 600) / 10;
    return `${Math.floor(minutes / 60)} degrees ${(minutes % 60).toFixed(1)} minutes ${x >= 0 ? plus : minus}`;
  };
  return `${part(lat, 'north', 'south')}, ${part(lon, 'east', 'west')}`;
}
