const SIGNED_IN = { signedIn: true, className: 'Upper hut', classId: 'c', mustChange: false, setUp: false };

/** What the server says of one who has signed in. */
export const STUDENT = { ...SIGNED_IN, id: 'n', role: 'STUDENT', name: 'Nela' };

export const INSTRUCTOR = { ...SIGNED_IN, id: 'o', role: 'INSTRUCTOR', name: 'Orla' };
