package zestbench.server.counter;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Grade;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules;
import zestbench.server.CsvResource;
import zestbench.server.counter.CounterViews.Branch;
import zestbench.server.counter.CounterViews.CounterItem;
import zestbench.server.counter.CounterViews.Mode;
import zestbench.server.counter.CounterViews.Order;
import zestbench.server.problem.Conflict;
import zestbench.server.problem.NotHere;

/** A simulated supply house with two branches, opened when it is first asked. It knows nothing of the bench and is asked over HTTP only. */
@Component
@Lazy
class Counter {
    private static final int MOST_FOUND = 12;
    private static final LocalTime OPENS = LocalTime.of(6, 30);
    private static final int MOST_PIECES = 50;

    /** Where it sells. */
    private enum House {
        QUAY("Quay counter", 2.4, LocalTime.of(17, 0)),
        MILL("Mill Road counter", 11.8, LocalTime.of(16, 30));

        private final String title;
        private final double miles;
        private final LocalTime closes;

        House(String title, double miles, LocalTime closes) {
            this.title = title;
            this.miles = miles;
            this.closes = closes;
        }

        Branch view(ZonedDateTime now) {
            boolean isWorkday = now.getDayOfWeek() != DayOfWeek.SUNDAY && now.getDayOfWeek() != DayOfWeek.SATURDAY;
            LocalTime time = now.toLocalTime();
            boolean isOpen = isWorkday && !time.isBefore(OPENS) && time.isBefore(closes);
            return new Branch(name(), title, miles, "Mon to Fri " + OPENS + " to " + closes, isOpen);
        }
    }

    /** An order as kept. */
    @Entity(name = "counter_order")
    static class Kept {
        @Id
        @GeneratedValue(strategy = GenerationType.IDENTITY)
        private @Nullable Long id;

        private String item = "";
        private Instant at = Instant.EPOCH;
        private int pieces;
        /** Whose it is, for whoever reads the counter's book. */
        @SuppressWarnings("UnusedVariable")
        private String customer = "";

        /** Asked for by the store's query. */
        @SuppressWarnings("UnusedVariable")
        private @Nullable String reference;

        protected Kept() {}

        Kept(String item, Instant at, int pieces, String customer, @Nullable String reference) {
            this.item = item;
            this.at = at;
            this.pieces = pieces;
            this.customer = customer;
            this.reference = reference;
        }
    }

    /** A line of its shelf before anything was ordered. */
    private record Shelved(
            String item, Family family, String label, Spec spec, double price, int quantity, House house) {}

    private final CounterItemRepository store;
    private final Clock clock;
    private final Map<String, Shelved> shelf = new LinkedHashMap<>();
    private volatile Mode mode = Mode.NORMAL;

    Counter(CounterItemRepository store, Clock clock) {
        this.store = store;
        this.clock = clock;
        CsvResource.read("/counter/stock.csv").forEach(this::shelve);
    }

    /** What is of a kind that nobody can ask for by its ratings stays off the shelf. */
    private void shelve(CSVRecord row) {
        Families.find(row.get("kind")).ifPresent(family -> {
            String label = row.get("label");
            shelf.put(
                    row.get("item"),
                    new Shelved(
                            row.get("item"),
                            family,
                            label,
                            new Spec(family.read(label).fields()),
                            Double.parseDouble(row.get("price")),
                            Integer.parseInt(row.get("quantity")),
                            House.valueOf(row.get("branch"))));
        });
    }

    Mode mode() {
        return mode;
    }

    void become(Mode next) {
        mode = next;
    }

    List<Branch> branches() {
        List<Branch> out = new ArrayList<>();
        for (House house : House.values()) {
            out.add(house.view(now()));
        }
        return out;
    }

    /** What it would sell for a requirement, the best first; what is out of stock is among it. */
    List<CounterItem> search(String kind, Spec requirement, @Nullable Integer most) {
        Family family = Families.named(kind);
        List<Offer> offers = new ArrayList<>();
        shelf.values().stream()
                .filter(s -> s.family() == family)
                .forEach(s -> offers.add(new Offer(s.item(), s.spec())));
        List<Match> matches = family.match(
                        new MatchRequest(requirement, List.of(), Circuit.UNKNOWN, offers, List.of(), ShopRules.DEFAULT))
                .matches();
        return matches.stream()
                .filter(m -> m.grade() != Grade.REFUSED)
                .limit(Math.max(1, Math.min(MOST_FOUND, most == null ? MOST_FOUND : most)))
                .map(m -> item(m.offer().get(0)))
                .toList();
    }

    CounterItem item(String item) {
        Shelved s = shelved(item);
        int sold = store.findByItem(item).stream().mapToInt(k -> k.pieces).sum();
        return new CounterItem(
                s.item(),
                s.family().kind(),
                s.label(),
                s.spec(),
                s.price(),
                Math.max(0, s.quantity() - sold),
                s.house().view(now()));
    }

    private Shelved shelved(String item) {
        return Optional.ofNullable(shelf.get(item)).orElseThrow(() -> new NotHere("The counter has no " + item + "."));
    }

    @Transactional
    Order order(String item, int pieces, String customer, @Nullable String reference) {
        if (reference != null) {
            Optional<Kept> placed = store.findByReference(reference);
            if (placed.isPresent()) {
                return view(placed.get());
            }
        }
        InputProblem.require(pieces >= 1 && pieces <= MOST_PIECES, "pieces", pieces, "give 1 to 50");
        CounterItem there = item(item);
        if (there.quantity() < pieces) {
            throw new Conflict("The counter has " + there.quantity() + " of " + item + ", not " + pieces + ".");
        }
        return view(store.save(new Kept(item, clock.instant(), pieces, customer, reference)));
    }

    Order order(String number) {
        long id;
        try {
            id = Long.parseLong(number.replaceFirst("^A-", ""));
        } catch (NumberFormatException broken) {
            throw new NotHere("The counter has no order " + number + ".");
        }
        return view(store.findById(id).orElseThrow(() -> new NotHere("The counter has no order " + number + ".")));
    }

    private Order view(Kept kept) {
        Shelved s = shelved(kept.item);
        ZonedDateTime at = kept.at.atZone(ZoneId.systemDefault());
        LocalDate day = s.house().view(at).isOpen() ? at.toLocalDate() : next(at.toLocalDate());
        return new Order("A-" + kept.id, kept.item, kept.pieces, s.price(), s.house().title, day.toString());
    }

    private static LocalDate next(LocalDate day) {
        LocalDate next = day.plusDays(1);
        while (next.getDayOfWeek() == DayOfWeek.SATURDAY || next.getDayOfWeek() == DayOfWeek.SUNDAY) {
            next = next.plusDays(1);
        }
        return next;
    }

    private ZonedDateTime now() {
        return ZonedDateTime.now(clock.withZone(ZoneId.systemDefault()));
    }
}
