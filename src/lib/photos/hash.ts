import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';

/** Key of a photo: the SHA-256 of its bytes, as 64 hexadecimal digits. Works without a secure context. */
export const hashOf = async (blob: Blob): Promise<string> =>
	bytesToHex(sha256(new Uint8Array(await blob.arrayBuffer())));
