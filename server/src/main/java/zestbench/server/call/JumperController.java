package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.call.OnJumper;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.person.Sender;

/** Jumpers that are in for a test, and come out again. */
@RestController
class JumperController {
    private final CallTeller teller;

    JumperController(CallTeller teller) {
        this.teller = teller;
    }

    record NewJumper(
            @NotBlank(message = "say across what, such as float switch")
            @Size(max = 80, message = "give up to 80 characters")
            String across,

            @Nullable @Size(max = 200, message = "give up to 200 characters")
            String why) {}

    record WhyLeft(
            @NotBlank(message = "say why it stays in, and who knows")
            @Size(max = 300, message = "give up to 300 characters")
            String why) {}

    /** What is often jumpered, with what to mind. */
    @GetMapping("/api/jumpers")
    List<OnJumper.Usual> usual() {
        return OnJumper.USUAL;
    }

    @PostMapping("/api/calls/{id}/jumpers")
    CallView putIn(@PathVariable long id, @Valid @RequestBody NewJumper given, Sender sender) {
        return teller.after(id, sender, new OnJumper.PutIn(given.across(), given.why() == null ? "" : given.why()));
    }

    @PostMapping("/api/calls/{id}/jumpers/{jumper}/out")
    CallView takeOut(@PathVariable long id, @PathVariable String jumper, Sender sender) {
        return teller.after(id, sender, new OnJumper.TakeOut(jumper));
    }

    @PostMapping("/api/calls/{id}/jumpers/{jumper}/leave")
    CallView leave(
            @PathVariable long id, @PathVariable String jumper, @Valid @RequestBody WhyLeft given, Sender sender) {
        return teller.after(id, sender, new OnJumper.Leave(jumper, given.why()));
    }
}
