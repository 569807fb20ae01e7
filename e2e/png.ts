import { deflateSync } from 'node:zlib';

/** Red, green, blue, and how opaque, 0 to 255; opaque where that is left out. */
type Pixel = [number, number, number, number?];

/** A PNG of a size in pixels, by what each of them is. */
export function png(
	width: number,
	height: number,
	pixel: (x: number, y: number) => Pixel
): Buffer<ArrayBuffer> {
	const chunk = (name: string, data: Buffer) => {
		const body = Buffer.concat([Buffer.from(name), data]);
		const length = Buffer.alloc(4);
		length.writeUInt32BE(data.length);
		const crc = Buffer.alloc(4);
		crc.writeUInt32BE(crc32(body));
		return Buffer.concat([length, body, crc]);
	};
	const head = Buffer.alloc(13);
	head.writeUInt32BE(width, 0);
	head.writeUInt32BE(height, 4);
	head.set([8, 6, 0, 0, 0], 8);
	const rows = Buffer.alloc(height * (1 + width * 4));
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			const [red, green, blue, alpha = 255] = pixel(x, y);
			rows.set([red, green, blue, alpha], y * (1 + width * 4) + 1 + x * 4);
		}
	return Buffer.concat([
		Buffer.from('89504e470d0a1a0a', 'hex'),
		chunk('IHDR', head),
		chunk('IDAT', deflateSync(rows)),
		chunk('IEND', Buffer.alloc(0))
	]);
}

/** CRC-32 as PNG asks for it (ISO 3309). */
function crc32(bytes: Buffer): number {
	let crc = ~0;
	for (const byte of bytes) {
		crc ^= byte;
		for (let bit = 0; bit < 8; bit++) crc = (crc >>> 1) ^ (crc & 1 ? 0xedb88320 : 0);
	}
	return ~crc >>> 0;
}
