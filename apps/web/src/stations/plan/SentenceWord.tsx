import { type ReactNode } from 'react';
import { WordPanel } from '../../page/WordPanel';
import { type PartProps } from './partProps';

interface Props extends Pick<PartProps, 'problems' | 'readOnly'> {
  /** What the word stands for, for those who hear it. */
  name: string;
  /** The word as it stands in its sentence. */
  says: string;
  /** Fields of problems behind it. */
  fields: readonly string[];
  wide?: boolean;
  children: ReactNode;
}

/** A word of a part's sentence; it opens the field in which it can be typed or chosen. */
export function SentenceWord({ name, says, fields, problems, readOnly, wide, children }: Props) {
  return (
    <WordPanel
      name={`${name}: ${says}`}
      word={says}
      wide={wide}
      wrong={problems.some((p) => fields.includes(p.field))}
      disabled={readOnly}
    >
      {children}
    </WordPanel>
  );
}
