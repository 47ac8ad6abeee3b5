const { projects } = require('../jest.config.js');

/** The core's tests in one file, so that a changed core is loaded once for all of them. */
module.exports = {
  ...projects.find(({ displayName }) => displayName === 'core'),
  testMatch: ['<rootDir>/mutation/every-test.js'],
};
