package zestbench.core.tape;

/** How the last thing that happened is taken back. */
public enum Undo {
    /** The choice is put back. */
    PUT_BACK,
    /** The line is struck; struck itself, a strike is none. */
    STRIKE,
    REOPEN_PART,
    REOPEN_CALL
}
