package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartState;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.call.PartHttp.MatchesView;
import zestbench.server.counter.CounterClient;
import zestbench.server.counter.CounterViews.CounterItem;
import zestbench.server.counter.CounterViews.Order;
import zestbench.server.person.Sender;
import zestbench.server.problem.Conflict;

/** What the counter has for a part, and what is ordered there. */
@RestController
@RequestMapping("/api/calls/{id}/parts/{part}")
class OrderHttp {
    private final Calls calls;
    private final Repair repair;
    private final CounterClient house;
    private final CallTeller teller;

    OrderHttp(Calls calls, Repair repair, CounterClient house, CallTeller teller) {
        this.calls = calls;
        this.repair = repair;
        this.house = house;
        this.teller = teller;
    }

    /** @param missing what is missing because the counter does not answer; empty where it does */
    record CounterView(String missing, MatchesView found) {}

    record OrderGiven(
            @NotBlank(message = "give the item") @Size(max = 40)
            String item) {}

    record OrderEnd(boolean isHere) {}

    @GetMapping("/counter")
    CounterView counter(@PathVariable long id, @PathVariable String part) {
        PartState state = calls.open(id).part(part);
        Family family = state.family();
        List<CounterItem> items;
        String missing = "";
        try {
            items = house.search(family.kind(), wanted(id, state));
        } catch (CounterClient.Outage outage) {
            items = List.of();
            missing = String.valueOf(outage.getMessage());
        }
        List<Offer> offers = new ArrayList<>();
        Map<String, String> whereabouts = new LinkedHashMap<>();
        for (CounterItem item : items) {
            offers.add(new Offer(item.item(), item.spec()));
            whereabouts.put(item.item(), where(item));
        }
        MatchAnswer answer =
                offers.isEmpty() ? new MatchAnswer(List.of(), List.of()) : repair.matchOffers(id, part, offers);
        return new CounterView(missing, PartHttp.view(family, answer, whereabouts));
    }

    /** What the old label asks for; where it cannot be read, what the first witness does. */
    private Spec wanted(long id, PartState part) {
        return part.family().isEnough().test(part.spec())
                ? part.spec()
                : calls.open(id).state().witnesses(part).stream()
                        .findFirst()
                        .map(w -> w.spec())
                        .orElse(part.spec());
    }

    private static String where(CounterItem item) {
        String open = item.branch().isOpen() ? "open now" : item.branch().hours();
        String stock = item.quantity() == 0 ? "none in stock" : item.quantity() + " in stock";
        return "$ " + Figures.fixed(item.price(), 2) + ", " + stock + ", "
                + item.branch().name() + " " + Figures.plain(item.branch().miles()) + " mi, " + open;
    }

    /** Orders one; from then the call waits for it. */
    @PostMapping("/order")
    CallView order(
            @PathVariable long id, @PathVariable String part, @Valid @RequestBody OrderGiven given, Sender sender) {
        // asked before the order's turn comes, so that a slow counter holds others back for one answer only
        CounterItem item = item(given.item());
        return teller.after(id, () -> {
            Calls.Open call = calls.working(id);
            PartState state = call.part(part);
            if (state.ordered() != null) {
                throw new Conflict(
                        "This part is ordered already: order " + state.ordered().order() + ".");
            }
            if (state.chosen() != null || state.closed() != null) {
                throw new Conflict("A replacement is chosen for this part: put it back first.");
            }
            try {
                String unit = call.row().unit() == null
                        ? "quick check"
                        : call.row().unit().site();
                Order order = house.order(given.item(), sender.who() + ", " + unit, sender.request());
                calls.add(
                        id,
                        sender.who(),
                        new Entry.Ordered(
                                part,
                                order.order(),
                                order.item(),
                                state.family().shortText().apply(item.spec()),
                                item.label(),
                                order.price(),
                                order.from(),
                                order.ready()));
            } catch (CounterClient.Outage outage) {
                throw nothingOrdered(outage);
            }
        });
    }

    private CounterItem item(String item) {
        try {
            return house.item(item);
        } catch (CounterClient.Outage outage) {
            throw nothingOrdered(outage);
        }
    }

    private static Conflict nothingOrdered(CounterClient.Outage outage) {
        return new Conflict("Nothing was ordered. " + outage.getMessage());
    }

    /** The ordered part is here, or will not come. */
    @PostMapping("/order/end")
    CallView end(@PathVariable long id, @PathVariable String part, @Valid @RequestBody OrderEnd given, Sender sender) {
        return teller.after(id, () -> {
            Entry.Ordered ordered = calls.working(id).part(part).ordered();
            if (ordered == null) {
                throw new Conflict("Nothing is ordered for this part.");
            }
            calls.add(id, sender.who(), new Entry.OrderEnded(part, ordered.order(), given.isHere()));
        });
    }
}
