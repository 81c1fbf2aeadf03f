export { isNestedBeyond } from './nesting.ts';
export { schemaChecker } from './schema-checker.ts';
export { array, object, pair, share, positive, text, texts } from './parts.ts';
