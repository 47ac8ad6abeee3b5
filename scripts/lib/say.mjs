/** One line on the terminal, with the time a long step has taken. */
export const say = (text) => console.log(`  ${text}`);

/** Runs a long step under a line that keeps counting, so that nobody thinks it hangs. */
export async function step(text, work) {
  const began = Date.now();
  const seconds = () => Math.round((Date.now() - began) / 1000);
  say(`${text} ...`);
  const ticking = setInterval(() => say(`${text}: still at it, ${seconds()} s`), 15_000);
  try {
    return await work();
  } finally {
    clearInterval(ticking);
    if (seconds() >= 2) say(`${text}: done in ${seconds()} s`);
  }
}

/** An end that needs a person: one clear sentence and no stack. */
export class Stop extends Error {}

/** Runs a script's main function; a Stop is printed plainly. */
export async function run(main) {
  try {
    await main();
  } catch (error) {
    console.error(error instanceof Stop ? `\n  ${error.message}\n` : error);
    process.exitCode = 1;
  }
}
