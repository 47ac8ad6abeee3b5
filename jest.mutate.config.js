// The tests that look at the core alone, for the mutation run.
const { projects } = require('./jest.config.js');

module.exports = projects.find(({ displayName }) => displayName === 'core');
