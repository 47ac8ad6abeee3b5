/** How Chromium is started: without a monitor, also as root, and without asking for anything outside. */
export const LAUNCH: { readonly executablePath: string; readonly args: string[] };
