// What a session reads beside itself: as it was last answered, so that a reload while the server is away still has it. The
// session itself is kept by the outbox, which knows what has been delivered.
export const OF_A_SESSION = /\/api\/(settings|today|warning-signs|programs\/.*\/floor\/clocks)$/;
