// Runs the worked cases alone; REFERENCE_DIR names another folder of JSON files.
import { spawnSync } from 'node:child_process';
import { projectRoot, ensurePackages } from './lib/packages.mjs';

await ensurePackages();
process.exitCode =
  spawnSync(process.execPath, ['--import', 'tsx', 'contract/reference/run.ts'], {
    cwd: projectRoot,
    stdio: 'inherit',
  }).status ?? 1;
