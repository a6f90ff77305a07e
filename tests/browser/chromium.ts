import { existsSync } from 'node:fs'
import type { LaunchOptions } from 'puppeteer-core'

/** Debian's chromium without a window, a network of its own or a word to anybody; its camera and microphone show and say
 * made-up things. */
export const LAUNCH: LaunchOptions = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--in-process-gpu',
    // A page that was left is not kept for a way back that nobody takes.
    '--disable-features=BackForwardCache',
    '--lang=en-GB',
    '--accept-lang=en-GB',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // A page behind another goes on as if it were in front.
    '--disable-background-timer-throttling',
    '--disable-backgrounding-occluded-windows',
    '--disable-renderer-backgrounding',
    '--use-fake-device-for-media-stream',
    '--use-fake-ui-for-media-stream',
  ],
}

const SHELL = '/usr/bin/chromium-headless-shell'

/** The same without the parts that only a window needs, where Debian has it: a quarter less work. It forgets its profile when
 * it ends, so what must outlive a browser takes the other. */
export const LAUNCH_SHELL: LaunchOptions = existsSync(SHELL)
  ? { ...LAUNCH, executablePath: SHELL, headless: 'shell' }
  : LAUNCH
