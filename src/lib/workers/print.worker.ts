import { printTemplates, type TemplatePrint } from '../core/index.ts';
import { answerBy } from './answer.ts';

answerBy((print: TemplatePrint) => printTemplates(print));
