package zestbench.server.call;

import org.springframework.stereotype.Component;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.once.Retold;

/** Tells a call as it stands, after a change and when a change that was carried out is asked for again. */
@Component
class CallTeller implements Retold<CallView> {
    private final Calls calls;
    private final CallViewer viewer;

    CallTeller(Calls calls, CallViewer viewer) {
        this.calls = calls;
        this.viewer = viewer;
    }

    @Override
    public Class<CallView> type() {
        return CallView.class;
    }

    @Override
    public String key(CallView answer) {
        return String.valueOf(answer.id());
    }

    @Override
    public CallView tell(String key) {
        return of(Long.parseLong(key));
    }

    CallView of(long callId) {
        Calls.Open call = calls.open(callId);
        return viewer.view(call);
    }

    /** The call after a change of it. */
    CallView after(long callId, Runnable change) {
        change.run();
        return of(callId);
    }
}
