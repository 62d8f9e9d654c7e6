/** One change, told to whoever may see it. */
export interface LiveEvent {
  id: string;
  kind: 'check-saved' | 'investigation-changed' | 'class-changed';
  classId: string;
  investigationId: string | null;
}
