const { join } = require('node:path');

/** Packages that ship ES modules only and meet Jest's CommonJS. */
const ESM_ONLY = ['idb', 'fake-indexeddb', 'uuid', 'lucide-react-native', 'manifold-3d'];
/** A mutation run keeps copies of the house here. */
const NOT_OURS = [join(__dirname, '.data/').replaceAll('.', '\\.')];
const TRANSFORM = join(__dirname, 'scripts/lib/jest-transform.mjs');
const plain = (displayName, testMatch) => ({
  displayName,
  testMatch,
  rootDir: __dirname,
  testEnvironment: 'node',
  modulePathIgnorePatterns: NOT_OURS,
  transform: { '\\.[jt]sx?$': TRANSFORM },
  transformIgnorePatterns: [`/node_modules/(?!(${ESM_ONLY.join('|')})/)`],
  // Its package says only where an ES module finds it.
  moduleNameMapper: { '^manifold-3d$': '<rootDir>/node_modules/manifold-3d/manifold.js' },
});

module.exports = {
  // Jest leaves one core free unless told: on two cores that halves it.
  maxWorkers: '100%',
  projects: [
    plain('core', ['<rootDir>/core/**/*.test.ts']),
    plain('words', ['<rootDir>/words/**/*.test.ts']),
    plain('contract', ['<rootDir>/contract/**/*.test.ts']),
    {
      preset: 'jest-expo/web',
      // Quicker than the kit's own; a test that needs what it cannot do names the other (frame/picture.test.ts).
      testEnvironment: '@happy-dom/jest-environment',
      displayName: 'app',
      rootDir: join(__dirname, 'app'),
      testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
      modulePathIgnorePatterns: NOT_OURS,
      setupFiles: ['<rootDir>/jest.setup.js'],
      transform: { '\\.m?[jt]sx?$': TRANSFORM },
      // What comes out of the kit's transform names this copy; a second copy would not know its styles.
      moduleNameMapper: { '^react-native(-web)?$': 'react-native-web/dist/index.js' },
      transformIgnorePatterns: [
        `/node_modules/(?!((jest-)?react-native|@react-native|expo|@expo|react-navigation|@react-navigation|${ESM_ONLY.join('|')}))`,
      ],
    },
    plain('server', ['<rootDir>/server/**/*.test.ts']),
  ],
};
