// Runs a program of the built server: node run-program.cjs FILE. With "compile" after it, it only keeps what was
// compiled of the program beside it: with that it starts in two thirds of the time.
const { existsSync, readFileSync, writeFileSync } = require('node:fs');
const { createRequire, wrap } = require('node:module');
const { dirname } = require('node:path');
const { Script, constants } = require('node:vm');

const [file, only] = process.argv.slice(2);
const compiled = `${file}.compiled`;
const script = new Script(wrap(readFileSync(file, 'utf8')), {
  filename: file,
  // Of another version of Node.js it is not taken, and the program is compiled anew.
  cachedData: existsSync(compiled) ? readFileSync(compiled) : undefined,
  importModuleDynamically: constants.USE_MAIN_CONTEXT_DEFAULT_LOADER,
});
const program = { exports: {} };
script.runInThisContext()(program.exports, createRequire(file), program, file, dirname(file));
if (only === 'compile') {
  writeFileSync(compiled, script.createCachedData());
  process.exit();
}
program.exports.start();
