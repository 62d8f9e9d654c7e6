import { sayFault } from '@bright-sprout/words/say';
import { plainToInstance } from 'class-transformer';
import { getMetadataStorage, validateSync, type ValidationError } from 'class-validator';
import { FirstTeacherRequest, JoinRequest, SignInRequest } from './access';
import { SaveCheckRequest } from './checks';
import { SaveClassRequest, SaveTeamsRequest } from './classes';
import { ImportRequest } from './imports';
import { ChangeInvestigationRequest } from './investigations';

const REQUESTS = [
  SignInRequest,
  FirstTeacherRequest,
  JoinRequest,
  SaveClassRequest,
  SaveTeamsRequest,
  ChangeInvestigationRequest,
  SaveCheckRequest,
  ImportRequest,
];

const sentences = (errors: ValidationError[]): string[] =>
  errors.flatMap((e) => [...Object.values(e.constraints ?? {}).map(sayFault), ...sentences(e.children ?? [])]);

const wrongWith = (request: new () => object, body: object) =>
  sentences(validateSync(plainToInstance(request, body), { whitelist: true, forbidNonWhitelisted: true }));

test.each(REQUESTS.map((r) => [r.name, r] as const))('%s: every rule speaks in a sentence of its own', (_, request) => {
  const rules = getMetadataStorage()
    .getTargetValidationMetadatas(request, '', false, false)
    .filter((m) => m.type === 'customValidation');
  expect(rules.length).toBeGreaterThan(0);
  for (const rule of rules) expect(sayFault(String(rule.message))).toMatch(/^[A-Z].*[.?]$/);
});

test.each(REQUESTS.map((r) => [r.name, r] as const))('%s: an empty body and an unknown field are refused', (_, request) => {
  expect(wrongWith(request, {}).length).toBeGreaterThan(0);
  expect(wrongWith(request, { surprise: 1 })).toContain('property surprise should not exist');
});

const ID = '01a20965-f17b-758f-a340-c422b8c451a5';

test('a check with a good body passes; ids, days and states are looked at inside the list too', () => {
  const body = {
    containerId: ID,
    day: '2026-03-19',
    recordedAt: '2026-03-19T10:00:00Z',
    readings: [{ id: ID, plant: '1', state: 'measured', findings: [{ measure: 'height', typed: '4 cm' }] }],
  };
  expect(wrongWith(SaveCheckRequest, body)).toEqual([]);
  expect(wrongWith(SaveCheckRequest, { ...body, readings: [{ ...body.readings[0], state: 'asleep' }] })).toEqual([
    'A plant is measured, not up, lost, or could not be checked.',
  ]);
  expect(wrongWith(SaveCheckRequest, { ...body, containerId: 'A1' })).toEqual(['Say which container was checked.']);
  expect(wrongWith(SaveCheckRequest, { ...body, readings: [] })).toEqual(['A check has at least one reading.']);
});

test('two teams cannot share an emblem', () => {
  const team = (emblem: string) => ({ id: ID, emblem });
  expect(wrongWith(SaveTeamsRequest, { teams: [team('kite'), team('bell')] })).toEqual([]);
  expect(wrongWith(SaveTeamsRequest, { teams: [team('kite'), team('kite')] })).toEqual(['Every team needs its own emblem.']);
});
