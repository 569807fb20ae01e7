import { nanoid } from 'nanoid';

/** A fresh id; also where the page is no secure context and `crypto.randomUUID` is missing. */
export const newId = (): string => nanoid(12);
