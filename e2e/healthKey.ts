/** Known to tests only. */
export const TEST_HEALTH_KEY = Buffer.alloc(32, 7);
