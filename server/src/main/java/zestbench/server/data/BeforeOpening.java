package zestbench.server.data;

import org.springframework.context.SmartLifecycle;

/** Work on the data that is done before the port opens, so that whoever gets an answer gets the whole one. */
public abstract class BeforeOpening implements SmartLifecycle {
    private final int order;
    private volatile boolean isDone;

    /** @param order smaller goes first */
    protected BeforeOpening(int order) {
        this.order = order;
    }

    protected abstract void work();

    @Override
    public void start() {
        work();
        isDone = true;
    }

    @Override
    public void stop() {
        isDone = false;
    }

    @Override
    public boolean isRunning() {
        return isDone;
    }

    @Override
    public int getPhase() {
        return Integer.MIN_VALUE + order;
    }
}
