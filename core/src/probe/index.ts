export { probeState } from './settled.ts';
export type { ProbeReading, ProbeState } from './settled.ts';
export { simulatedCoreC, simulatedProbe, simulatedProbeC } from './simulated-probe.ts';
export type { SimulatedProbe } from './simulated-probe.ts';
