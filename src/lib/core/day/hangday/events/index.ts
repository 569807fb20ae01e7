/** What can happen at the wall: one file for each event, and the record of them all. */

import type { DayEvent } from '../../../model/day.ts';
import { began } from './began.ts';
import { cameOut } from './came-out.ts';
import { corrected } from './corrected.ts';
import { done } from './done.ts';
import type { EventFace } from './types.ts';
import { filled } from './filled.ts';
import { gapRead } from './gap-read.ts';
import { hung } from './hung.ts';
import { levelled } from './levelled.ts';
import { looked } from './looked.ts';
import { met } from './met.ts';
import { moved } from './moved.ts';
import { opened } from './opened.ts';
import { pictured } from './pictured.ts';
import { proved } from './proved.ts';
import { set } from './set.ts';
import { settled } from './settled.ts';
import { shifted } from './shifted.ts';
import { skipped } from './skipped.ts';
import { takenDown } from './taken-down.ts';

/** Every kind of thing that happens. A new one is one file, its facts in the model, and its line here. */
const FACES: { [W in DayEvent['what']]: EventFace<W> } = {
	began,
	done,
	opened,
	skipped,
	moved,
	proved,
	set,
	met,
	settled,
	levelled,
	'came-out': cameOut,
	'gap-read': gapRead,
	corrected,
	shifted,
	pictured,
	hung,
	looked,
	filled,
	'taken-down': takenDown
};

/** A face asked of any event: it is handed only events of its own kind. */
export type AnyEventFace = EventFace<DayEvent['what']>;

export const eventFace = ({ what }: Pick<DayEvent, 'what'>): AnyEventFace =>
	FACES[what] as unknown as AnyEventFace;
