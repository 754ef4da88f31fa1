/** How Debian's Chromium is started for tests, pictures and the bench. */
export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
  chromiumSandbox: false,
  args: [
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};
