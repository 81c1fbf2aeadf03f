import swcJest from '@swc/jest';

/** Reckoning asks these of the global object, and in a test's own context each such question costs a hundred others. */
const ASKED_OFTEN = ['Math', 'Number', 'Object', 'Array', 'Map', 'Set', 'Infinity', 'NaN'];

/** The module, with what it asks often asked once, on its first line (so that lines keep their numbers). */
function held({ code, map }) {
  const names = ASKED_OFTEN.filter(
    (n) =>
      new RegExp(`\\b${n}\\b`).test(code) &&
      !new RegExp(`^import[^;]*\\b${n}\\b[^;]*from|\\b(const|let|var|class|function) ${n}\\b`, 'm').test(code),
  );
  return { code: names.map((n) => `const ${n}=globalThis.${n};`).join('') + code, map };
}

/** `@swc/jest`, and its output made quick to run in a context of its own. */
export default {
  createTransformer(options) {
    const swc = swcJest.createTransformer(options);
    return {
      ...swc,
      process: (...args) => held(swc.process(...args)),
      processAsync: async (...args) => held(await swc.processAsync(...args)),
      getCacheKey: (...args) => `${swc.getCacheKey(...args)}-held-${ASKED_OFTEN.join()}`,
    };
  },
};
