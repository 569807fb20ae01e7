import { defineConfig } from '@playwright/test';
import { chromiumPath } from './scripts/lib/chromium.mjs';

const PORT = 4391;

export default defineConfig({
	testDir: 'e2e',
	workers: 2,
	fullyParallel: true,
	retries: 1,
	// Far above what any of it takes: a slow machine is no fault.
	timeout: 240_000,
	expect: { timeout: 30_000 },
	use: {
		baseURL: `http://localhost:${PORT}`,
		viewport: { width: 1280, height: 800 },
		serviceWorkers: 'block',
		launchOptions: {
			executablePath: chromiumPath(),
			args: [
				'--no-sandbox',
				'--disable-gpu',
				'--disable-quic',
				'--no-first-run',
				'--disable-background-networking',
				'--disable-component-update',
				'--disable-sync'
			]
		}
	},
	webServer: {
		command: 'node scripts/serve.mjs',
		url: `http://localhost:${PORT}/api/health`,
		env: { PORT: String(PORT), ORIGIN: `http://localhost:${PORT}` },
		reuseExistingServer: false
	}
});
