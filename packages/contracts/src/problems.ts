/** An error as it crosses the wire (RFC 9457). */
export interface ProblemDetails {
  type: string;
  title: string;
  status: number;
  /** What happened, what was kept and what to do, in plain words. */
  detail: string;
  errors?: { path: string; sentence: string }[];
  /** On a conflict: what is stored now. */
  current?: unknown;
}
