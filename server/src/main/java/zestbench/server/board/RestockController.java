package zestbench.server.board;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.call.CallStatus;
import zestbench.core.call.PartMatch;
import zestbench.core.tape.PartState;
import zestbench.core.tape.Wanted;
import zestbench.server.person.Sender;
import zestbench.server.shop.Shop;
import zestbench.server.tape.Calls;
import zestbench.server.truck.Truck;
import zestbench.server.truck.Truck.StockView;

/** What to bring back onto a truck: what ran low, and what repairs wanted and did not find on it. */
@RestController
public class RestockController {
    private final Calls calls;
    private final CallBoard board;
    private final Shop shop;
    private final Truck truck;
    private final Clock clock;

    RestockController(Calls calls, CallBoard board, Shop shop, Truck truck, Clock clock) {
        this.board = board;
        this.calls = calls;
        this.shop = shop;
        this.truck = truck;
        this.clock = clock;
    }

    /** @param pieces that bring it to its minimum */
    record LowView(StockView stock, int pieces) {}

    /** A rating that a repair wanted. @param why it was wanted, in words */
    record WantedView(String kind, String rating, String why, long callId, String site, String unit) {}

    record RestockView(String depot, List<LowView> low, List<WantedView> wanted) {}

    @GetMapping("/api/truck/restock")
    RestockView restock(Sender sender) {
        List<LowView> low = truck.all().stream()
                .filter(s -> s.depot().equals(sender.depot()) && s.quantity() < s.minimum())
                .map(s -> new LowView(s, s.minimum() - s.quantity()))
                .toList();
        List<WantedView> wanted = new ArrayList<>();
        Set<Long> stopgaps =
                board.allDue().stream().map(BoardViews.DueView::callId).collect(Collectors.toSet());
        for (long id : board.mayWant(clock.instant().minusMillis(Wanted.LATELY_MILLIS))) {
            Calls.Open call = calls.open(id);
            if (call.status() == CallStatus.CANCELLED) {
                continue;
            }
            for (PartState part : call.state().parts()) {
                String why = Wanted.why(
                        part,
                        call.status() == CallStatus.OPEN,
                        stopgaps.contains(call.id()),
                        clock.millis(),
                        () -> new PartMatch(
                                        call.state(), part.id(), shop.inForce().rules())
                                .onTruck(truck.lines(part.added().kind(), sender.depot()))
                                .matches());
                if (!why.isEmpty() && call.row().unit() != null) {
                    wanted.add(new WantedView(
                            part.added().kind(),
                            part.family().shortText(part.spec()),
                            why,
                            call.id(),
                            call.row().unit().site(),
                            call.row().unit().name()));
                }
            }
        }
        return new RestockView(sender.depot(), low, wanted);
    }

    /** The list to order from. */
    @GetMapping("/api/truck/restock.csv")
    ResponseEntity<String> csv(Sender sender) {
        RestockView list = restock(sender);
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.DEFAULT)) {
            printer.printRecord("pieces", "partNumber", "kind", "rating", "why");
            for (LowView each : list.low()) {
                printer.printRecord(
                        each.pieces(),
                        each.stock().partNumber(),
                        each.stock().kind(),
                        each.stock().label(),
                        each.stock().quantity() + " of " + each.stock().minimum());
            }
            for (WantedView each : list.wanted()) {
                printer.printRecord(1, "", each.kind(), each.rating(), each.why() + ", " + each.site());
            }
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header("Content-Disposition", "attachment; filename=\"restock.csv\"")
                .body(out.toString());
    }
}
