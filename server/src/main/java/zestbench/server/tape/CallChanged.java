package zestbench.server.tape;

/**
 * A call was opened or changed, or its tape has grown.
 *
 * @param isAnew whether more than its tape has changed, so that nothing that was summed up before holds
 */
public record CallChanged(long call, boolean isAnew) {}
