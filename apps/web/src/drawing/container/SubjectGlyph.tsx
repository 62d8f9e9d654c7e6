import { type FactorSubject } from '@bright-sprout/core/plan/document/planDocument';
import { type ReactNode } from 'react';
import { seedPath } from '../seed';

const POT = 'M9 14h30l-4 28H13z';
const DROP = 'M24 6c6 9 10 13 10 19a10 10 0 0 1-20 0c0-6 4-10 10-19z';

const dots = (places: readonly [number, number][]) =>
  places.map(([x, y]) => <circle key={`${x} ${y}`} cx={x} cy={y} r="1.7" fill="currentColor" stroke="none" />);
const chalk = (
  <>
    <path d={POT} />
    <path d="M16 24l4-3 4 2-2 4-5 1zM25 31l4-3 3 3-3 3zM18 35l3-2 3 2-3 3z" fill="#fff" />
  </>
);

const DRAWN: Record<FactorSubject, ReactNode> = {
  salt: (
    <>
      <path d={DROP} />
      {dots([
        [20, 24],
        [26, 22],
        [23, 29],
        [28, 28],
      ])}
    </>
  ),
  acid: (
    <>
      <path d="M18 6h12M21 6v12L11 38q-1 4 3 4h20q4 0 3-4L27 18V6" />
      <path d="M15 31h18" />
    </>
  ),
  chalk,
  feed: (
    <>
      <path d="M13 12h22v30H13z" />
      <path d="M13 20h22M24 38v-9m0 0q-6 0-6-6 6 0 6 6zm0 0q6 0 6-6-6 0-6 6z" />
    </>
  ),
  water: (
    <>
      <path d="M11 8v34h26V8" />
      <path d="M11 24h26M37 16h-6M37 32h-6" />
    </>
  ),
  light: (
    <>
      <circle cx="24" cy="24" r="8" />
      <path d="M24 5v7M24 36v7M5 24h7M36 24h7M11 11l5 5M32 32l5 5M37 11l-5 5M16 32l-5 5" />
    </>
  ),
  temperature: (
    <>
      <path d="M20 30V10a4 4 0 0 1 8 0v20" />
      <circle cx="24" cy="36" r="7" />
      <path d="M24 34V18M31 14h5M31 22h5" />
    </>
  ),
  place: (
    <>
      <path d="M8 8h32v24H8zM24 8v24M8 20h32M4 36h40" />
    </>
  ),
  depth: (
    <>
      <path d="M6 12h36M14 12v20M34 12v20" strokeDasharray="3 3" />
      <path d="M6 12h36" />
      <path d={seedPath(24, 34, 9, 6)} />
    </>
  ),
  soaking: (
    <>
      <path d="M6 20h36q-3 20-14 20h-8Q9 40 6 20z" />
      <path d={seedPath(19, 31, 5, 3.4)} />
      <path d={seedPath(30, 29, 5, 3.4)} />
    </>
  ),
  'seed-age': (
    <>
      <path d="M11 42V12l4-5h18l4 5v30zM11 15h26" />
      <path d={seedPath(24, 29, 7, 4.6)} />
    </>
  ),
  crowding: (
    <>
      <path d="M9 26h30l-4 17H13z" />
      <path d="M14 26V15m6 11V11m6 15V13m6 13V10m5 16V16" />
    </>
  ),
  kind: (
    <>
      <path d={seedPath(15, 18, 10, 5)} />
      <circle cx="34" cy="18" r="6" />
      <path d={seedPath(22, 35, 14, 6)} />
    </>
  ),
  age: (
    <>
      <path d="M4 42h40M11 42v-6M22 42V28m11 14V12" />
      <path d="M22 28q-5 0-6-5 6 0 6 5zm11-16q-7 0-8-7 8 0 8 7z" />
    </>
  ),
  soil: (
    <>
      <path d={POT} />
      {dots([
        [17, 24],
        [24, 20],
        [30, 26],
        [20, 32],
        [28, 35],
      ])}
    </>
  ),
  cover: (
    <>
      <path d="M14 24h20l-3 18H17z" />
      <path d="M8 42V18q0-12 16-12t16 12v24" strokeDasharray="4 3" />
    </>
  ),
  other: (
    <>
      <path d="M12 42V18l8-11h8l8 11v24z" />
      <circle cx="24" cy="17" r="3" />
    </>
  ),
};

/** What is changed, as a small line drawing. */
export function SubjectGlyph({ subject, size = 44 }: { subject: FactorSubject; size?: number }) {
  return <Glyph size={size}>{DRAWN[subject]}</Glyph>;
}

/** A line drawing on a grid of 48. */
export function Glyph({ size = 44, children }: { size?: number; children: ReactNode }) {
  return (
    <svg
      viewBox="0 0 48 48"
      width={size}
      height={size}
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
      strokeLinejoin="round"
      strokeLinecap="round"
      aria-hidden="true"
      className="flex-none"
    >
      {children}
    </svg>
  );
}
