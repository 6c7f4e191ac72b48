package zestbench.server.call;

/**
 * A call was opened or changed, or its tape has grown.
 *
 * @param isAnew whether more than its tape has changed, so that nothing that was summed up before holds
 */
record CallChanged(long call, boolean isAnew) {}
