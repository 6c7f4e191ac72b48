package zestbench.core.tape;

/** An entry with its place on the tape. @param number from 1 @param atMillis since 1970, UTC */
public record Line(long number, long atMillis, String who, Entry entry) {}
