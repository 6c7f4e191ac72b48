package zestbench.browser;

import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import zestbench.server.RunningBench;

/** Each class of journeys has the demo town as it is at first, whichever ran before it on this machine. */
public class TownOfItsOwn implements AfterAllCallback {
    @Override
    public void afterAll(ExtensionContext context) {
        RunningBench.leaveDemo();
    }
}
