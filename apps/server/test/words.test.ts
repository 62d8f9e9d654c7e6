import { formatDay } from '@bright-sprout/core/calendar/days';
import { say } from '@bright-sprout/words/say';
import { speak } from '@bright-sprout/words/words';
import { readWords } from '@bright-sprout/words/readWords';
import { type Request, type Response } from 'express';
import { hearLanguage, speakAsAsked, spellAs } from '../src/words/spoken';

const answering = (language: string, answer: () => void) =>
  hearLanguage({ acceptsLanguages: () => language } as unknown as Request, {} as Response, answer);

const told = () => [say('lists.millimetres'), formatDay('2026-03-16')];

afterAll(() => {
  const english = readWords('en');
  speak(() => english);
});

test('what is answered is spelt as the class does that it is about; the next answer is not', () => {
  speakAsAsked();
  answering('en', () => {
    spellAs('quarter-in');
    expect(told()).toEqual(['millimeters', 'Mon March 16']);
    spellAs('mm');
    expect(told()).toEqual(['millimetres', 'Mon 16 March']);
    spellAs('quarter-in');
  });
  answering('en', () => expect(told()).toEqual(['millimetres', 'Mon 16 March']));
  answering('en-XA', () => {
    spellAs('quarter-in');
    expect(say('lists.millimetres')).toMatch(/^⟦/);
  });
});
