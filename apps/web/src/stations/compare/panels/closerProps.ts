import { type AnswerProps } from '../../../compare/AnswerFigure';

/** What every closer look at a question is given: the same as its figure. */
export type CloserProps = AnswerProps;
