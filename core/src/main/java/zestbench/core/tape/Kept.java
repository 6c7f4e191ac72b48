package zestbench.core.tape;

/** How an entry is kept, whatever it says. */
interface Kept {
    /** Whether it can be struck: only figures, labels and notes; what moved stock is undone by its own step. */
    boolean canBeStruck();

    /** Whether it says that the power is on, which ends every dead reading before it. @param call it was added to */
    boolean showsPower(CallState call);

    /** Can be struck. */
    interface Strikable extends Kept {
        @Override
        default boolean canBeStruck() {
            return true;
        }
    }

    /** Cannot be struck. */
    interface Lasting extends Kept {
        @Override
        default boolean canBeStruck() {
            return false;
        }
    }

    /** Is only there with the power on. */
    interface Live extends Kept {
        @Override
        default boolean showsPower(CallState call) {
            return true;
        }
    }

    /** Says nothing of the power. */
    interface Dark extends Kept {
        @Override
        default boolean showsPower(CallState call) {
            return false;
        }
    }
}
