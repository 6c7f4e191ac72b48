package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.call.OnWait;
import zestbench.core.tape.WaitsFor;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.person.Sender;

/** A call that waits until a day, and goes on. */
@RestController
class WaitController {
    private final CallTeller teller;
    private final Clock clock;

    WaitController(CallTeller teller, Clock clock) {
        this.teller = teller;
        this.clock = clock;
    }

    record NewWait(
            @NotNull(message = "say what it waits for, such as THAW")
            WaitsFor what,

            @NotNull(message = "give the day to look again, as 2026-11-27")
            LocalDate until,

            @Nullable @Size(max = 200, message = "give up to 200 characters")
            String note) {}

    /** @param until the day to look again, where no other is given */
    record UsualWaitView(WaitsFor what, String words, LocalDate until) {}

    /** What a call may wait for. */
    @GetMapping("/api/waits")
    List<UsualWaitView> usual() {
        LocalDate today = LocalDate.now(clock);
        return Arrays.stream(WaitsFor.values())
                .map(w -> new UsualWaitView(w, w.words(), today.plusDays(w.days())))
                .toList();
    }

    @PostMapping("/api/calls/{id}/wait")
    CallView begin(@PathVariable long id, @Valid @RequestBody NewWait given, Sender sender) {
        String note = given.note() == null ? "" : given.note();
        return teller.after(
                id, sender, new OnWait.Begin(given.what(), given.until().toString(), note));
    }

    @PostMapping("/api/calls/{id}/wait/end")
    CallView end(@PathVariable long id, Sender sender) {
        return teller.after(id, sender, new OnWait.End());
    }
}
