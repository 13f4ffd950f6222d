import { doses } from './english/doses.ts';
import { inLanguage } from './language.ts';

export const { doseWords, amountWords, inHandWords, rampStepWords } = inLanguage('doses', doses);
