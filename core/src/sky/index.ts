// what the sky and the sea do: simulated sources, and how they are said
export { compassPoint, sayWeather, simulatedWeather, windForce } from './weather.ts';
export type { Weather } from './weather.ts';
export { sayTide, simulatedTide, tideHeightM } from './tide.ts';
export type { Tide, TideTurn } from './tide.ts';
