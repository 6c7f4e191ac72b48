package zestbench.server.truck;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.Families;
import zestbench.core.bench.MatchViews.Lying;
import zestbench.core.family.Family;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;
import zestbench.core.options.CustomerOption;
import zestbench.core.quantity.InputProblem;
import zestbench.core.value.Value;
import zestbench.server.json.StrictJson;
import zestbench.server.problem.Conflict;
import zestbench.server.problem.NotHere;
import zestbench.server.problem.Outdated;

/** What is in stock and where. Every change of a count leaves a move behind. */
@Service
public class Truck {
    private final StockRepository store;
    private final StockMoveRepository moves;
    private final Depots depots;
    private final JsonMapper json;
    private final Clock clock;

    Truck(StockRepository store, StockMoveRepository moves, Depots depots, JsonMapper json, Clock clock) {
        this.store = store;
        this.moves = moves;
        this.depots = depots;
        this.json = StrictJson.kept(json);
        this.clock = clock;
    }

    /** Keeps a line, new or known, its ratings read from its label where its kind can be read. */
    @Transactional
    public void keep(StockRow row, String who, boolean isFromFile) {
        depots.known(row.depot());
        Optional<StockItem> known = store.findById(row.id());
        if (known.isEmpty()) {
            row.checked();
        }
        StockItem item = known.orElseGet(() -> new StockItem(row, ""));
        int before = known.map(StockItem::quantity).orElse(0);
        item.become(row, spec(row));
        store.saveAndFlush(item);
        StockMove.Why why =
                isFromFile ? StockMove.Why.IMPORTED : known.isEmpty() ? StockMove.Why.ADDED : StockMove.Why.COUNTED;
        if (known.isEmpty()) {
            moved(row.id(), who, row.quantity(), why, "", null);
        } else {
            change(row.id(), row.quantity() - before, who, why, "", null);
        }
    }

    private String spec(StockRow row) {
        Value.Fields fields =
                Families.find(row.kind()).map(f -> f.read(row.label()).fields()).orElse(Spec.EMPTY.values());
        return json.writeValueAsString(fields);
    }

    private void change(String id, int by, String who, StockMove.Why why, String note, @Nullable Long call) {
        if (by == 0) {
            return;
        }
        if (store.change(id, by) == 0) {
            throw new Conflict("The last " + id + " is gone from the truck: match again.");
        }
        moved(id, who, by, why, note, call);
    }

    private void moved(String id, String who, int by, StockMove.Why why, String note, @Nullable Long call) {
        moves.save(new StockMove(id, clock.instant(), who, by, why, note, call));
    }

    /** What a label typed in on the truck is read as. */
    public LabelRead read(String text) {
        LabelRead label = Families.read(Families.AUTO, text);
        InputProblem.require(
                label.kind() != null && Families.find(label.kind()).isPresent(),
                "text",
                text,
                "no kind of part can be told from it: type it as printed, such as 45+5 µF 440 VAC ±6%");
        return label;
    }

    /** Takes over what is now known of a line, its count aside. @param seen as in {@link #count} */
    @Transactional
    public void know(String id, StockRow row, @Nullable Long seen, String who) {
        current(id, seen, row);
        keep(row, who, false);
    }

    /** Takes in a part by its label under an id of its own. @return the id */
    @Transactional
    public String takeIn(Function<String, StockRow> row, String kind, String who) {
        String id = nextId(kind);
        keep(row.apply(id), who, false);
        return id;
    }

    /** An id that is not taken, as CP-049. */
    private String nextId(String kind) {
        String prefix = Families.find(kind).map(Family::idLetters).orElse("XX");
        int last = 0;
        for (StockItem item : store.findAll()) {
            String id = item.id();
            if (id.matches(prefix + "-\\d{1,6}")) {
                last = Math.max(last, Integer.parseInt(id.substring(prefix.length() + 1)));
            }
        }
        String digits = String.valueOf(last + 1);
        return prefix + "-" + "0".repeat(Math.max(0, 3 - digits.length())) + digits;
    }

    /** Sets a count to what was counted. @param seen the line's version that was counted against; null where not known */
    @Transactional
    public void count(String id, int counted, @Nullable Long seen, String who) {
        StockItem item = current(id, seen, counted);
        StockRow row = item.row().counted(counted);
        change(id, row.quantity() - item.quantity(), who, StockMove.Why.COUNTED, "", null);
    }

    /** The line, if it is still the one that was seen. */
    private StockItem current(String id, @Nullable Long seen, Object given) {
        StockItem item = item(id);
        if (!Outdated.isCurrent(seen, item.version())) {
            throw new Outdated(id + " was changed meanwhile.", view(item), given);
        }
        return item;
    }

    /** Moves pieces to another truck or the shop. @param seen as in {@link #count} */
    @Transactional
    public void move(String id, String to, int pieces, @Nullable Long seen, String who) {
        StockItem item = current(id, seen, pieces);
        depots.known(to);
        InputProblem.require(!to.equals(item.depot()), "depot", to, "it lies there already");
        InputProblem.require(
                pieces >= 1 && pieces <= item.quantity(),
                "pieces",
                pieces,
                "give 1 to " + item.quantity() + ", as many as lie there");
        StockRow row = item.row();
        String from = item.depot();
        change(id, -pieces, who, StockMove.Why.MOVED, "to " + to, null);
        Optional<StockItem> there = store.findFirstByPartNumberAndDepot(row.partNumber(), to);
        String target = there.map(StockItem::id).orElseGet(() -> nextId(row.kind()));
        if (there.isEmpty()) {
            StockRow placed = row.at(target, to, row.bin(), 0);
            store.saveAndFlush(new StockItem(placed, spec(placed)));
        }
        change(target, pieces, who, StockMove.Why.MOVED, "from " + from, null);
    }

    List<StockMove.MoveView> history(String id) {
        item(id);
        return moves.findByItemOrderByIdDesc(id).stream().map(StockMove::view).toList();
    }

    private StockItem item(String id) {
        return store.findById(id).orElseThrow(() -> new NotHere("There is no " + id + " on the truck."));
    }

    /** What one depot has of a kind. */
    public List<StockLine> lines(String kind, String depot) {
        return lines(store.findByKindAndDepotOrderById(kind, depot));
    }

    /** What all others have of a kind. */
    public List<StockLine> elsewhere(String kind, String depot) {
        return lines(store.findByKindAndDepotNotOrderById(kind, depot));
    }

    private List<StockLine> lines(List<StockItem> items) {
        return items.stream()
                .map(i -> new StockLine(i.id(), i.quantity(), spec(i), i.row().cost()))
                .toList();
    }

    /** Each piece of a kind, its rating, where it lies as seen from one depot, and its price. */
    public Map<String, Lying> lying(Family family, String depot) {
        Map<String, Lying> out = new HashMap<>();
        store.findByKindAndDepotOrderById(family.kind(), depot)
                .forEach(i -> out.put(i.id(), lying(family, i, "bin " + i.bin())));
        store.findByKindAndDepotNotOrderById(family.kind(), depot)
                .forEach(i -> out.put(i.id(), lying(family, i, i.depot() + ", bin " + i.bin())));
        return out;
    }

    private Lying lying(Family family, StockItem item, String where) {
        return new Lying(family.shortText(spec(item)), where, item.price() > 0 ? item.price() : null);
    }

    public Spec spec(String id) {
        return spec(item(id));
    }

    /** A piece with its price, as a customer is offered it. */
    public CustomerOption.Line priced(String id) {
        StockItem item = item(id);
        return new CustomerOption.Line(item.name() + ", " + view(item).rating(), 1, item.price());
    }

    /** Takes one piece off the count for a call; throws where none is left. */
    @Transactional
    public void take(String id, String who, long call) {
        change(id, -1, who, StockMove.Why.USED, "", call);
    }

    @Transactional
    public void giveBack(String id, String who, long call) {
        change(id, 1, who, StockMove.Why.GIVEN_BACK, "", call);
    }

    /** A line of stock as the screen shows it. @param rating in short, or the label's own words where it is of a kind that is only kept */
    public record StockView(
            String id,
            String partNumber,
            String depot,
            String bin,
            String kind,
            String name,
            String label,
            String rating,
            int quantity,
            int minimum,
            double cost,
            double price,
            boolean isLow,
            long version) {}

    public List<StockView> all() {
        return store.findAll(Sort.by("depot", "bin", "id")).stream()
                .map(this::view)
                .toList();
    }

    public List<StockRow> rows() {
        List<StockRow> out = new ArrayList<>();
        store.findAll(Sort.by("id")).forEach(item -> out.add(item.row()));
        return out;
    }

    public Optional<StockRow> row(String id) {
        return store.findById(id).map(StockItem::row);
    }

    StockView view(String id) {
        return view(item(id));
    }

    private StockView view(StockItem item) {
        StockRow row = item.row();
        String rating = Families.find(item.kind())
                .map(f -> rating(f, spec(item)))
                .filter(text -> !text.isEmpty())
                .orElse(item.label());
        return new StockView(
                row.id(),
                row.partNumber(),
                row.depot(),
                row.bin(),
                row.kind(),
                row.name(),
                row.label(),
                rating,
                row.quantity(),
                row.minimum(),
                row.cost(),
                row.price(),
                row.quantity() < row.minimum(),
                item.version());
    }

    private static String rating(Family family, Spec spec) {
        return spec.isEmpty() ? "" : family.shortText(spec);
    }

    private Spec spec(StockItem item) {
        return json.readValue(item.spec(), Spec.class);
    }
}
