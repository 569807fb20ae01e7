/** Starts the built app. PORT, HOST and ORIGIN may be set; the API checks its own body limit. */
import { createServer } from 'node:http';

process.env.PORT ??= '4173';
// Nobody else on the network is let in unless HOST says so.
process.env.HOST ??= '127.0.0.1';
process.env.ORIGIN ??= `http://localhost:${process.env.PORT}`;
process.env.BODY_SIZE_LIMIT ??= 'Infinity';
const { handler } = await import('../build/handler.js');

/** On every answer, files too; the content policy comes with each page. */
const HEADERS = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'no-referrer',
	'cross-origin-opener-policy': 'same-origin',
	'permissions-policy':
		'camera=(self), screen-wake-lock=(self), microphone=(), geolocation=(), payment=(), usb=(), serial=(), midi=()'
};

/** Whoever sends a request or its body slower than this is cut off, ms. */
const TO_SEND = 15_000;
const TO_SEND_HEADERS = 10_000;
/** What is under way when the server is told to stop has so long to end, ms. */
const TO_END = 4_000;
const MOST_CONNECTIONS = 512;

const server = createServer(
	{
		requestTimeout: TO_SEND,
		headersTimeout: TO_SEND_HEADERS,
		keepAliveTimeout: 5_000,
		connectionsCheckingInterval: 1_000
	},
	(request, response) => {
		for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
		handler(request, response, () => {
			response.statusCode = 404;
			response.end('Not found');
		});
	}
);
server.maxConnections = MOST_CONNECTIONS;

function stop() {
	server.close(() => process.exit(0));
	server.closeIdleConnections();
	setTimeout(() => {
		server.closeAllConnections();
		process.exit(0);
	}, TO_END).unref();
}
for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, stop);

server.on('error', (error) => {
	console.error(error.message);
	process.exit(1);
});
server.listen(Number(process.env.PORT), process.env.HOST, () =>
	console.log(`Listening on ${process.env.ORIGIN}`)
);
