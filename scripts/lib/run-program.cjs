// Runs a program of the built server: node run-program.cjs FILE. With "compile" after it, it does not run it: it only
// writes what Node.js has compiled of it into a file beside it, with which later starts take less time.
const { existsSync, readFileSync, writeFileSync } = require('node:fs');
const { createRequire, wrap } = require('node:module');
const { dirname } = require('node:path');
const { Script, constants } = require('node:vm');

const [file, only] = process.argv.slice(2);
const compiled = `${file}.compiled`;
const script = new Script(wrap(readFileSync(file, 'utf8')), {
  filename: file,
  // What another version of Node.js has compiled is passed over, and the program is compiled anew.
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
