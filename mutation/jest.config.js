const { projects } = require('../jest.config.js');

/** The workspaces' own sources: in a mutation run they stand in a copy of the house, beside the changed core. */
const own = ['core', 'words', 'contract'].flatMap((name) =>
  Object.entries(require(`../${name}/package.json`).exports).map(([entry, file]) => [
    `^@pike-stone/${name}${entry.slice(1)}$`,
    `<rootDir>/${name}${file.slice(1)}`,
  ]),
);

/** The tests that look at the core, in one file: a changed core is loaded once for all of them. */
const core = projects.find(({ displayName }) => displayName === 'core');
module.exports = {
  ...core,
  testMatch: ['<rootDir>/mutation/every-test.js'],
  moduleNameMapper: { ...core.moduleNameMapper, ...Object.fromEntries(own) },
};
