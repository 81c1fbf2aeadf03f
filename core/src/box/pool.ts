import { ICE } from './walls.ts';

/** Ice below this is none, kg. */
const CRUMB_KG = 1e-6;

/** The ice, the water and the lining as one: heat against water at the melting point, and what it comes to. */
export class Pool {
  kg: number;
  j: number;
  constructor(
    iceKg: number,
    liningC: number,
    readonly meltC: number,
    readonly liningJK: number,
  ) {
    this.kg = iceKg;
    this.j = -iceKg * ICE.fusionJ + liningJK * (liningC - meltC);
  }
  get iceKg(): number {
    const kg = this.j >= 0 ? 0 : Math.min(this.kg, -this.j / ICE.fusionJ);
    return kg < CRUMB_KG ? 0 : kg;
  }
  /** J/K of what is not ice. */
  get heatJK(): number {
    return this.kg * ICE.waterJ + this.liningJK;
  }
  /** So much of it is ice, the rest water at the melting point. */
  setIce(kg: number): void {
    if (kg === this.iceKg) return;
    this.kg = Math.max(this.kg, kg);
    this.j = -kg * ICE.fusionJ;
  }
  /** No ice, and so warm. */
  warm(c: number): void {
    this.j = this.heatJK * Math.max(0, c - this.meltC);
  }
  get c(): number {
    // Colder than all frozen it cannot get: nothing here is colder than its ice.
    return this.j <= 0 ? this.meltC : this.meltC + this.j / this.heatJK;
  }
}
