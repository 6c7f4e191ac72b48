package zestbench.server.call;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
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
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Verdict;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartState;
import zestbench.server.person.Sender;
import zestbench.server.truck.Truck;
import zestbench.server.truck.Truck.StockView;

/** What to bring back onto a truck: what ran low, and what repairs wanted and did not find on it. */
@RestController
class RestockHttp {
    /** What was bought on the way is wanted on the truck for so long. */
    private static final Duration LATELY = Duration.ofDays(30);

    private final Calls calls;
    private final Repair repair;
    private final Truck truck;
    private final Clock clock;

    RestockHttp(Calls calls, Repair repair, Truck truck, Clock clock) {
        this.calls = calls;
        this.repair = repair;
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
        List<Calls.Open> all = calls.ofUnits();
        Set<Long> stopgaps = Calls.due(all, calls.today()).stream()
                .map(CallViews.DueView::callId)
                .collect(Collectors.toSet());
        for (Calls.Open call : all) {
            for (PartState part : call.state().parts()) {
                String why = why(call, part, sender.depot(), stopgaps);
                if (!why.isEmpty() && call.row().unit() != null) {
                    wanted.add(new WantedView(
                            part.added().kind(),
                            part.family().shortText().apply(part.spec()),
                            why,
                            call.row().id(),
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

    private String why(Calls.Open call, PartState part, String depot, Set<Long> stopgaps) {
        long lately = clock.instant().minus(LATELY).toEpochMilli();
        if (part.spec().isEmpty() || call.row().status() == CallRow.Status.CANCELLED) {
            return "";
        }
        Entry.PartClosed closed = part.closed();
        if (closed != null) {
            return closed.returnDate() != null && stopgaps.contains(call.row().id())
                    ? "a stopgap is in until " + closed.returnDate()
                    : isBought(part) && part.closedAtMillis() > lately ? "bought on the way" : "";
        }
        if (call.row().status() != CallRow.Status.OPEN) {
            return "";
        }
        Entry.Ordered ordered = part.ordered();
        if (ordered != null) {
            return "ordered, " + ordered.from();
        }
        boolean isOut = part.verdict() == Verdict.FAILED && part.chosen() == null;
        if (!isOut || !part.family().isEnough().test(part.spec())) {
            return "";
        }
        return repair.match(call.row().id(), part.id(), depot).matches().stream()
                        .anyMatch(m -> m.grade() == Grade.LIKE_FOR_LIKE || m.grade() == Grade.SUITABLE)
                ? ""
                : "failed, nothing on the truck fits as it is";
    }

    private static boolean isBought(PartState part) {
        Entry.Chosen chosen = part.chosen();
        return chosen != null
                && chosen.pieces().stream()
                        .anyMatch(p -> p.stock() == null && !p.spec().equals(part.spec()));
    }
}
