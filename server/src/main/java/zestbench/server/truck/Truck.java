package zestbench.server.truck;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.Families;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.value.Value;
import zestbench.server.problem.Conflict;
import zestbench.server.problem.NotHere;

/** What is in stock and where. */
@Service
public class Truck {
    /** Stock as kept. */
    interface Store extends JpaRepository<StockItem, String> {
        List<StockItem> findByKindOrderById(String kind);

        @Modifying(clearAutomatically = true)
        @Query("update StockItem s set s.quantity = s.quantity + :by where s.id = :id and s.quantity + :by >= 0")
        int change(String id, int by);
    }

    private final Store store;
    private final JsonMapper json;

    Truck(Store store, JsonMapper json) {
        this.store = store;
        this.json = json;
    }

    /** Puts a line of stock on the truck, its ratings read from {@code label} where its kind can be read. */
    @Transactional
    public void add(
            String id, String bin, String kind, String name, String label, int quantity, int minimum, double cost) {
        Value.Fields fields =
                Families.find(kind).map(f -> f.read().apply(label).fields()).orElse(Spec.EMPTY.values());
        String spec = json.writeValueAsString(fields);
        store.save(new StockItem(id, bin, kind, name, label, spec, quantity, minimum, cost));
    }

    public List<StockLine> lines(String kind) {
        return store.findByKindOrderById(kind).stream()
                .map(i -> new StockLine(i.id(), i.quantity(), spec(i), i.cost()))
                .toList();
    }

    /** Where each piece lies, in a few words. */
    public Map<String, String> whereabouts(String kind) {
        return store.findByKindOrderById(kind).stream().collect(Collectors.toMap(StockItem::id, i -> "bin " + i.bin()));
    }

    public Spec spec(String id) {
        return spec(store.findById(id).orElseThrow(() -> new NotHere("There is no " + id + " on the truck.")));
    }

    /** Takes one piece off the count; throws where none is left. */
    @Transactional
    public void take(String id) {
        if (store.change(id, -1) == 0) {
            throw new Conflict("The last " + id + " is gone from the truck: match again.");
        }
    }

    @Transactional
    public void giveBack(String id) {
        store.change(id, 1);
    }

    /** A line of stock as the screen shows it. @param rating in short, or the label's own words where it is of a kind that is only kept */
    public record StockView(
            String id, String bin, String kind, String name, String rating, int quantity, int minimum, boolean isLow) {}

    public List<StockView> all() {
        return store.findAll(Sort.by("bin", "id")).stream().map(this::view).toList();
    }

    private StockView view(StockItem item) {
        String rating = Families.find(item.kind())
                .map(f -> f.shortText().apply(spec(item)))
                .orElse(item.label());
        return new StockView(
                item.id(),
                item.bin(),
                item.kind(),
                item.name(),
                rating,
                item.quantity(),
                item.minimum(),
                item.quantity() < item.minimum());
    }

    private Spec spec(StockItem item) {
        return json.readValue(item.spec(), Spec.class);
    }

    /** The truck over HTTP. */
    @RestController
    static class Http {
        private final Truck truck;

        Http(Truck truck) {
            this.truck = truck;
        }

        @GetMapping("/api/truck")
        List<StockView> all() {
            return truck.all();
        }
    }
}
