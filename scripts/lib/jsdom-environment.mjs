import { TestEnvironment } from 'jest-environment-jsdom';

/** A page for tests of components, with what every browser has and the simulated one has not. */
export default class extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, { TextEncoder, TextDecoder, structuredClone, setImmediate, clearImmediate });
  }
}
