import { expect } from 'chai';
import { stepsNearby } from './step-id.ts';

describe('a step that was done near by', () => {
	const done = ['mark:p:0@1000,1500', 'mark:p:0@1003,1500', 'set:p:0@1000,1500:screw', 'lift:p'];
	const near = stepsNearby(done);

	it('is the nearest that does the same to the same hook, within so many mm', () => {
		expect(near('mark:p:0@1001,1500', 2)).equal('mark:p:0@1000,1500');
		expect(near('mark:p:0@1002,1500', 2)).equal('mark:p:0@1003,1500');
		// 3 and 4 make 5.
		expect(near('mark:p:0@997,1504', 5)).equal('mark:p:0@1000,1500');
		expect(near('mark:p:0@997,1504', 4.9)).equal(null);
	});

	it('is none of another hook, another act or another kind of hook', () => {
		expect(near('mark:p:1@1000,1500', 9)).equal(null);
		expect(near('set:p:0@1000,1500:nail', 9)).equal(null);
		expect(near('set:p:0@1000,1501:screw', 9)).equal('set:p:0@1000,1500:screw');
		expect(near('lift:p', 9)).equal(null);
	});
});
