import fc from 'fast-check';
import { type ClaimEntry, currentEntries, hasBegun, partsText, readParts, teamClaimOf } from './claimEntries';
import { LEADS, NO_PARTS, VERBS } from './claimParts';

const entry = (part: string, text: string, second: number, id = `${part}${second}`): ClaimEntry => ({
  id,
  part,
  text,
  recordedAt: `2026-03-27T09:00:${String(second).padStart(2, '0')}.000Z`,
});

test('what two devices of a team write is the same on both, in whatever order it comes', () => {
  const written = fc.array(
    fc.record({
      id: fc.uuid(),
      part: fc.constantFrom('typed', 'reasoning', 'evidence.mean:A', 'evidence.mark:1', 'kept.beyond'),
      text: fc.constantFrom('', 'in', 'salt is bad'),
      second: fc.integer({ min: 0, max: 5 }),
    }),
    { maxLength: 12 },
  );
  fc.assert(
    fc.property(written, fc.infiniteStream(fc.nat()), (all, dice) => {
      const entries = all.map((a) => entry(a.part, a.text, a.second, a.id));
      const shuffled = entries
        .map((e) => ({ e, at: dice.next().value as number }))
        .sort((a, b) => a.at - b.at)
        .map(({ e }) => e);
      expect(currentEntries(shuffled).get('typed')).toEqual(currentEntries(entries).get('typed'));
      // Sent twice changes nothing.
      expect(currentEntries([...entries, ...entries])).toEqual(currentEntries(entries));
    }),
  );
});

test('evidence picked on two devices is all there; put back it is gone; what was kept before stays beside it', () => {
  const entries = [
    entry('evidence.mean:A', 'in', 1),
    entry('evidence.mark:1', 'in', 2),
    entry('evidence.mean:A', '', 3),
    entry('evidence.mean:B', 'in', 4),
    entry('typed', 'Salt is bad', 1),
    entry('typed', 'Salt may be bad', 2),
    entry('answer.n1', 'since we saw it', 2),
    entry('ready', 'in', 5),
  ];
  expect(teamClaimOf(entries)).toMatchObject({
    evidence: ['mark:1', 'mean:B'],
    typed: 'Salt may be bad',
    answers: { n1: 'since we saw it' },
    ready: true,
  });
  expect(hasBegun(teamClaimOf([]))).toBe(false);
  expect(hasBegun(teamClaimOf(entries))).toBe(true);
});

test('parts of a claim come back as they were kept; what is not a part is none', () => {
  fc.assert(
    fc.property(
      fc.record({
        lead: fc.constantFrom(...LEADS),
        of: fc.constantFrom('', 'A', 'wheat'),
        verb: fc.constantFrom('' as const, ...VERBS),
        against: fc.constantFrom('', 'B'),
        when: fc.boolean(),
        size: fc.boolean(),
      }),
      (parts) => expect(readParts(partsText(parts))).toEqual(parts),
    ),
  );
  expect(readParts('')).toEqual(NO_PARTS);
  expect(readParts('shout|A|eats')).toEqual({ ...NO_PARTS, of: 'A' });
});
