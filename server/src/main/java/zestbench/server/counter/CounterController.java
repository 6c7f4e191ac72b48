package zestbench.server.counter;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.family.Spec;
import zestbench.core.value.Value;
import zestbench.server.change.ChangesNothing;
import zestbench.server.counter.CounterViews.Branch;
import zestbench.server.counter.CounterViews.CounterModeView;
import zestbench.server.counter.CounterViews.Found;
import zestbench.server.counter.CounterViews.Mode;
import zestbench.server.counter.CounterViews.Order;

/** The simulated supply house's interface; a real one can take its place behind the same words. */
@ChangesNothing
@RestController
@Lazy
@RequestMapping("/counter/v1")
class CounterController {
    private static final long SLOW_MILLIS = 2_500;

    private final Counter counter;

    CounterController(Counter counter) {
        this.counter = counter;
    }

    /** Nobody answers. */
    private static final class Down extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /** @param requirement fields of the kind, as in /api/match */
    record WantedGiven(
            @NotBlank(message = "give the kind of part") String kind,

            @NotNull(message = "give what is required as fields")
            Value.Fields requirement,

            @Nullable Integer most) {}

    /** @param reference of the customer; an order that is sent again under it is the same order */
    record WishGiven(
            @NotBlank(message = "give the item") String item,
            int pieces,

            @NotBlank(message = "say whose order it is") @Size(max = 80, message = "give up to 80 characters")
            String customer,

            @Nullable @Size(max = 64, message = "give up to 64 characters")
            String reference) {}

    record CounterModeGiven(
            @NotNull(message = "give NORMAL, SLOW or DOWN") Mode mode) {}

    @GetMapping("/branches")
    List<Branch> branches() {
        return serve(counter::branches);
    }

    @PostMapping("/search")
    Found search(@Valid @RequestBody WantedGiven given) {
        return serve(() -> new Found(counter.search(given.kind(), new Spec(given.requirement()), given.most())));
    }

    @GetMapping("/items/{name}")
    CounterViews.CounterItem item(@PathVariable String name) {
        return serve(() -> counter.item(name));
    }

    @PostMapping("/orders")
    Order order(@Valid @RequestBody WishGiven given) {
        return serve(() -> counter.order(given.item(), given.pieces(), given.customer(), given.reference()));
    }

    @GetMapping("/orders/{name}")
    Order order(@PathVariable String name) {
        return serve(() -> counter.order(name));
    }

    @GetMapping("/mode")
    CounterModeView mode() {
        return new CounterModeView(counter.mode());
    }

    /** Makes the simulated counter slow, or takes it down. */
    @PutMapping("/mode")
    CounterModeView become(@Valid @RequestBody CounterModeGiven given) {
        counter.become(given.mode());
        return mode();
    }

    private <T> T serve(Supplier<T> answer) {
        if (counter.mode() == Mode.DOWN) {
            throw new Down();
        }
        if (counter.mode() == Mode.SLOW) {
            try {
                Thread.sleep(SLOW_MILLIS);
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        }
        return answer.get();
    }

    @ExceptionHandler(Down.class)
    ResponseEntity<ProblemDetail> down() {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .body(ProblemDetail.forStatusAndDetail(
                        HttpStatus.SERVICE_UNAVAILABLE, "The counter is closed for repairs; try again later."));
    }
}
