package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.call.QuickEntry;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.change.ChangesNothing;
import zestbench.server.person.Sender;

/** The quick line over HTTP: a preview while typing, and everything onto the tape at once. */
@RestController
class QuickLineController {
    private final CallTeller teller;

    QuickLineController(CallTeller teller) {
        this.teller = teller;
    }

    /** @param part the part at hand, for readings without a label */
    record Quick(
            @NotNull(message = "write something") @Size(max = 2000, message = "give up to 2,000 characters")
            String text,

            @Nullable String part) {
        QuickEntry command() {
            return new QuickEntry(text, part);
        }
    }

    record QuickPreview(
            String rating,
            List<JudgedView> verdicts,
            List<String> unread,
            List<String> doubts,
            @Nullable String problem) {
        static QuickPreview of(QuickEntry.Preview said) {
            return new QuickPreview(
                    said.rating(),
                    said.verdicts().stream().map(JudgedView::of).toList(),
                    said.unread(),
                    said.remarks(),
                    said.problem());
        }
    }

    @ChangesNothing
    @PostMapping("/api/calls/{id}/quick/preview")
    QuickPreview preview(@PathVariable long id, @Valid @RequestBody Quick given) {
        QuickEntry entry = given.command();
        return QuickPreview.of(teller.preview(id, entry, entry::preview));
    }

    @PostMapping("/api/calls/{id}/quick")
    CallView quick(@PathVariable long id, @Valid @RequestBody Quick given, Sender sender) {
        return teller.after(id, sender, given.command());
    }
}
