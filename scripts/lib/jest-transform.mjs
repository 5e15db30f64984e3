// Compiles TypeScript for Jest. Each module takes what JavaScript itself brings out of the global object once: Jest runs modules in a context of their own, where
// every `Math` or `Map` would be looked up anew at each use, which made arithmetic eight times slower than it is anywhere else.
import { createTransformer } from '@swc/jest';

const swc = createTransformer();
const BUILT_IN = [
  ...['Array', 'Boolean', 'Infinity', 'JSON', 'Map', 'Math', 'NaN', 'Number', 'Object', 'RangeError', 'Set', 'String', 'WeakMap'],
  ...['Float32Array', 'Float64Array', 'Uint8Array', 'Uint8ClampedArray', 'Uint32Array', 'Int32Array'],
];

/** Those that a module names and does not make itself; on its first line, so that no line moves. */
function withBuiltIns(code) {
  const named = BUILT_IN.filter(
    (name) =>
      new RegExp(`(?<![.\\w$])${name}\\b`).test(code) &&
      !new RegExp(`(?:import|const|let|var|class|function)[^;=()]*\\b${name}\\b`).test(code),
  );
  return named.length === 0 ? code : `const { ${named.join(', ')} } = globalThis; ${code}`;
}

const plain = (made) => (typeof made === 'string' ? withBuiltIns(made) : { ...made, code: withBuiltIns(made.code) });

export default {
  ...swc,
  process: (...given) => plain(swc.process(...given)),
  processAsync: async (...given) => plain(await swc.processAsync(...given)),
};
