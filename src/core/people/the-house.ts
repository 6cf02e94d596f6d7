/** Who writes what the house took on by itself: nobody, so nobody writes as it, and it is on no list of people. */
export const THE_HOUSE = "House rules";
