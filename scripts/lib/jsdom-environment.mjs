import { TestEnvironment } from 'jest-environment-jsdom';

/** A page for tests of components, with what every browser has and the simulated one has not. */
export default class extends TestEnvironment {
  async setup() {
    await super.setup();
    const wide = { matches: false, addEventListener() {}, removeEventListener() {} };
    this.global.matchMedia ??= () => wide;
    Object.assign(this.global, { TextEncoder, TextDecoder, structuredClone, setImmediate, clearImmediate });
  }
}
