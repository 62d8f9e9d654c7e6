export const demoTeacher: { email: string; password: string; name: string; schoolName: string };
export const demoTeams: { name: string; joinCode: string; pins: Record<string, string> }[];
export function signIns(url: string): string;
