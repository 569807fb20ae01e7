/** The demo: made-up pieces on two walls, each in a file of its own. */

import {
	PROJECT_FORMAT,
	PROJECT_VERSION,
	usualHouseRules,
	usualPaper,
	type Project
} from '../../core/index.ts';
import { DEMO_PREFIX } from '../db.ts';
import { NET_LOFT, NET_LOFT_PIECES, NET_LOFT_READINGS } from './net-loft.ts';
import { STAIR_HALL, STAIR_HALL_PIECES } from './stair-hall.ts';
import { TEA_ROOM, TEA_ROOM_PIECES } from './tea-room.ts';

/** The Ferry House at Larkfield Landing: three walls. Names, pictures and figures are invented. */
export const DEMO: Project = {
	format: PROJECT_FORMAT,
	version: PROJECT_VERSION,
	id: `${DEMO_PREFIX}ferry-house`,
	name: 'Ferry House',
	created: '2026-04-11T08:30:00.000Z',
	revision: 0,
	houseRules: usualHouseRules,
	paper: usualPaper,
	kit: {},
	place: [],
	packed: [],
	day: [],
	hangings: [],
	currency: '',
	hanger: '',
	readings: NET_LOFT_READINGS,
	pieces: [...STAIR_HALL_PIECES, ...TEA_ROOM_PIECES, ...NET_LOFT_PIECES],
	walls: [STAIR_HALL, TEA_ROOM, NET_LOFT]
};
