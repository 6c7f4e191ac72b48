package zestbench.core.call;

import zestbench.core.quantity.Letters;

/** Where a visit stands. */
public enum CallStatus {
    OPEN,
    CLOSED,
    CANCELLED,
    QUICK_CHECK;

    /** Whether it takes no more entries. */
    public boolean isOver() {
        return this == CLOSED || this == CANCELLED;
    }

    /** In words, such as closed. */
    String word() {
        return Letters.small(name());
    }
}
