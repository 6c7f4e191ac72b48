package zestbench.server.problem;

import org.jspecify.annotations.Nullable;

/** Tells a failure of the disk from one of the bench. */
public interface DiskTrouble {
    /** What to say to a change that the disk refused; null where it was not the disk. */
    @Nullable
    String refusal(Throwable problem);
}
