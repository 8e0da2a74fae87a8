/** ASVS 4, 2.1: at least 12 letters, long ones allowed, nothing said about which letters. From memory. */
export const LEAST_LETTERS = 12;
export const MOST_LETTERS = 200;
