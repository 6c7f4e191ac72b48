package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.call.OnWork;
import zestbench.core.proof.ProofPoint;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Work;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.person.Sender;

/** Work for which no part goes in. */
@RestController
class WorkController {
    private final CallTeller teller;

    WorkController(CallTeller teller) {
        this.teller = teller;
    }

    record NewWork(
            @NotNull(message = "say what was done, such as DRAIN_CLEARED")
            Work work,

            @Nullable @Size(max = 80, message = "give up to 80 characters")
            String place,

            @Nullable @Size(max = 200, message = "give up to 200 characters")
            String detail,

            @Nullable Double before,
            @Nullable Double after,
            @Nullable LocalDate returnDate) {}

    /** @param still what is written up where it is not done @param shows what is read before and after; empty where nothing is */
    record UsualWorkView(
            Work work,
            String words,
            String still,
            Entry.Urgency urgency,
            String place,
            String hint,
            String shows,
            String unit) {
        static UsualWorkView of(Work work) {
            ProofPoint shows = work.shows();
            return new UsualWorkView(
                    work,
                    work.words(),
                    work.still(),
                    work.urgency(),
                    work.place(),
                    work.hint(),
                    shows == null ? "" : shows.title(),
                    shows == null ? "" : shows.quantity().unit());
        }
    }

    /** What is often done. */
    @GetMapping("/api/work")
    List<UsualWorkView> usual() {
        return Arrays.stream(Work.values()).map(UsualWorkView::of).toList();
    }

    @PostMapping("/api/calls/{id}/work")
    CallView done(@PathVariable long id, @Valid @RequestBody NewWork given, Sender sender) {
        return teller.after(
                id,
                sender,
                new OnWork.Done(
                        given.work(),
                        given.place() == null ? "" : given.place(),
                        given.detail() == null ? "" : given.detail(),
                        given.before(),
                        given.after(),
                        given.returnDate() == null ? null : given.returnDate().toString()));
    }
}
