/**
 * Jest's own runner, in whose process each file is compiled once: Jest gives every test file a world of its own and
 * compiles the same thousand files for each anew. What a file does is run anew all the same.
 */
const vm = require('node:vm');

const compile = vm.compileFunction;
const kept = new Map();

vm.compileFunction = (source, parameters, options) => {
  const { filename } = options;
  if (/\.test\.tsx?$/.test(filename)) return compile(source, parameters, options);
  const before = kept.get(filename);
  if (before?.source === source)
    return compile(source, parameters, { ...options, cachedData: before.cachedData });
  const compiled = compile(source, parameters, { ...options, produceCachedData: true });
  kept.set(filename, { source, cachedData: compiled.cachedData });
  return compiled;
};

module.exports = require('jest-circus/runner');
