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
import zestbench.core.bench.MatchViews.Lying;
import zestbench.core.bench.MatchViews.MatchesView;
import zestbench.core.call.OnMatch;
import zestbench.core.call.PartMatch;
import zestbench.core.family.Family;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.quantity.Figures;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.counter.CounterClient;
import zestbench.server.counter.CounterViews.CounterItem;
import zestbench.server.counter.CounterViews.Order;
import zestbench.server.person.Sender;
import zestbench.server.problem.Conflict;
import zestbench.server.shop.Shop;
import zestbench.server.tape.Calls;

/** What the counter has for a part, and what is ordered there. */
@RestController
@RequestMapping("/api/calls/{id}/parts/{part}")
class OrderController {
    private final Calls calls;
    private final Shop shop;
    private final CallChanges changes;
    private final CounterClient house;
    private final CallTeller teller;

    OrderController(Calls calls, Shop shop, CallChanges changes, CounterClient house, CallTeller teller) {
        this.calls = calls;
        this.shop = shop;
        this.changes = changes;
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
        Calls.Open call = calls.open(id);
        PartState state = call.part(part);
        PartMatch matching = new PartMatch(call.state(), part, shop.inForce().rules());
        Family family = state.family();
        List<CounterItem> items;
        String missing = "";
        try {
            items = house.search(family.kind(), matching.wanted());
        } catch (CounterClient.Outage outage) {
            items = List.of();
            missing = String.valueOf(outage.getMessage());
        }
        List<Offer> offers = new ArrayList<>();
        Map<String, Lying> lying = new LinkedHashMap<>();
        for (CounterItem item : items) {
            offers.add(new Offer(item.item(), item.spec()));
            lying.put(item.item(), new Lying(family.shortText(item.spec()), where(item), item.price()));
        }
        return new CounterView(missing, MatchesView.of(family, matching.offers(offers), lying));
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
        Calls.Open call = calls.working(id);
        OnMatch.Order.requireOrderable(call.part(part));
        String unit =
                call.row().unit() == null ? "quick check" : call.row().unit().site();
        Order order;
        try {
            order = house.order(given.item(), sender.who() + ", " + unit, sender.request());
        } catch (CounterClient.Outage outage) {
            throw nothingOrdered(outage);
        }
        changes.make(
                id,
                sender,
                new OnMatch.Order(new PartEntry.Ordered(
                        part,
                        order.order(),
                        order.item(),
                        call.part(part).family().shortText(item.spec()),
                        item.label(),
                        order.price(),
                        order.from(),
                        order.ready())));
        return teller.of(id);
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
        return teller.after(id, sender, new OnMatch.EndOrder(part, given.isHere()));
    }
}
