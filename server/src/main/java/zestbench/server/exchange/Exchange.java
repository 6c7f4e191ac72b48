package zestbench.server.exchange;

import jakarta.persistence.EntityManager;
import java.io.StringReader;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules;
import zestbench.server.exchange.Bundle.PhotoCopy;
import zestbench.server.exchange.Bundle.TableCopy;
import zestbench.server.exchange.ImportKind.Carried;
import zestbench.server.photo.Photos;
import zestbench.server.problem.Conflict;
import zestbench.server.problem.NotHere;
import zestbench.server.refrigerant.Refrigerants;
import zestbench.server.shop.Shop;
import zestbench.server.tape.CallCopies;
import zestbench.server.tape.CallCopies.CallCopy;
import zestbench.server.truck.Depots;
import zestbench.server.truck.Depots.DepotView;
import zestbench.server.truck.StockRow;
import zestbench.server.truck.Truck;
import zestbench.server.unit.UnitCopy;
import zestbench.server.unit.Units;

/** Carries calls, units or everything out of this bench and into it. */
@Service
class Exchange {
    private static final int BATCH = 50;

    private final Units units;
    private final CallCopies calls;
    private final Depots depots;
    private final Truck truck;
    private final Refrigerants refrigerants;
    private final Shop shop;
    private final Photos photos;
    private final BundleFile file;
    private final EntityManager session;
    private final Clock clock;

    Exchange(
            Units units,
            CallCopies calls,
            Depots depots,
            Truck truck,
            Refrigerants refrigerants,
            Shop shop,
            Photos photos,
            BundleFile file,
            EntityManager session,
            Clock clock) {
        this.units = units;
        this.calls = calls;
        this.depots = depots;
        this.truck = truck;
        this.refrigerants = refrigerants;
        this.shop = shop;
        this.photos = photos;
        this.file = file;
        this.session = session;
        this.clock = clock;
    }

    /** What is done where something clashes. */
    enum Choice {
        OURS,
        THEIRS
    }

    byte[] call(long id) {
        CallCopy call = calls.byNumber(id)
                .orElseThrow(() -> new NotHere("There is no call " + id + " that belongs to a unit."));
        UnitCopy unit = UnitCopy.of(units.byUid(call.unit()).orElseThrow(), false);
        return bundle(List.of(unit), List.of(call), List.of(), List.of(), List.of(), null);
    }

    byte[] unit(long id, boolean hasSerials) {
        UnitCopy unit = UnitCopy.of(units.get(id), hasSerials);
        return bundle(List.of(unit), calls.ofUnit(id), List.of(), List.of(), List.of(), null);
    }

    byte[] everything() {
        return bundle(
                units.all().stream()
                        .map(u -> UnitCopy.of(u, true))
                        .sorted(Comparator.comparing(UnitCopy::id))
                        .toList(),
                calls.all().stream()
                        .sorted(Comparator.comparing(CallCopy::openedAt).thenComparing(CallCopy::id))
                        .toList(),
                depots.all(),
                truck.rows(),
                refrigerants.broughtIn().stream()
                        .map(t -> new TableCopy(t.refrigerant(), t.source(), t.csv()))
                        .toList(),
                shop.inForce().rules());
    }

    private byte[] bundle(
            List<UnitCopy> itsUnits,
            List<CallCopy> itsCalls,
            List<DepotView> itsDepots,
            List<StockRow> stock,
            List<TableCopy> tables,
            @Nullable ShopRules rules) {
        Set<String> names = new LinkedHashSet<>();
        itsCalls.forEach(call -> names.addAll(CallCopies.photos(call)));
        List<PhotoCopy> pictures = new ArrayList<>();
        for (String name : names) {
            if (photos.has(name)) {
                pictures.add(new PhotoCopy(name, photos.get(name)));
            }
        }
        return file.write(new Bundle(
                Bundle.FORMAT,
                Bundle.VERSION,
                clock.instant(),
                itsUnits,
                itsCalls,
                itsDepots,
                stock,
                tables,
                rules,
                pictures));
    }

    /** What a file would change; nothing is kept. */
    List<Carried> preview(BundleFile.Read read) {
        return items(read);
    }

    /**
     * Takes a file in, all of it or nothing.
     *
     * @param choices by the id of what clashes
     */
    @Transactional
    public List<Carried> take(BundleFile.Read read, Map<String, Choice> choices, String who) {
        List<Carried> items = items(read);
        List<String> open = items.stream()
                .filter(i -> i.state() == ImportKind.State.CLASH && !choices.containsKey(i.id()))
                .map(Carried::title)
                .toList();
        if (!open.isEmpty()) {
            throw new Conflict("Not taken in: choose ours or theirs for " + String.join("; ", open) + ".");
        }
        Map<String, Carried> byId = new LinkedHashMap<>();
        items.forEach(i -> byId.put(i.id(), i));
        Bundle bundle = read.bundle();
        read.pictures().forEach(photos::put);
        put(unitShelf(), bundle.units(), byId, choices);
        put(callShelf(bundle), bundle.calls(), byId, choices);
        put(depotShelf(), bundle.depots(), byId, choices);
        put(stockShelf(bundle, who), bundle.stock(), byId, choices);
        put(tableShelf(), bundle.tables(), byId, choices);
        put(rulesShelf(who), rules(bundle), byId, choices);
        return items;
    }

    private static List<ShopRules> rules(Bundle bundle) {
        return bundle.rules() == null ? List.of() : List.of(bundle.rules());
    }

    private <T> void put(ImportKind<T> shelf, List<T> all, Map<String, Carried> byId, Map<String, Choice> choices) {
        int count = 0;
        for (T each : all) {
            Carried item = byId.get(shelf.kind() + " " + shelf.id().apply(each));
            if (item != null && item.changes() && choices.get(item.id()) != Choice.OURS) {
                shelf.put().accept(each);
            }
            if (++count % BATCH == 0) {
                // what is written is no longer held, so that the five thousandth is as quick as the first
                session.flush();
                session.clear();
            }
        }
    }

    private List<Carried> items(BundleFile.Read read) {
        Bundle bundle = read.bundle();
        List<Carried> out = new ArrayList<>();
        look(read, unitShelf(), bundle.units(), out);
        look(read, callShelf(bundle), bundle.calls(), out);
        look(read, depotShelf(), bundle.depots(), out);
        look(read, stockShelf(bundle, ""), bundle.stock(), out);
        look(read, tableShelf(), bundle.tables(), out);
        look(read, rulesShelf(""), rules(bundle), out);
        return out;
    }

    private <T> void look(BundleFile.Read read, ImportKind<T> shelf, List<T> all, List<Carried> out) {
        Set<String> ids = new LinkedHashSet<>();
        for (int i = 0; i < all.size(); i++) {
            T each = all.get(i);
            checked(read, shelf.field() + "[" + i + "]", () -> {
                String id = shelf.id().apply(each);
                InputProblem.require(ids.add(id), "id", id, "it stands in this file twice");
                shelf.check().accept(each);
            });
            out.add(shelf.item(each));
        }
    }

    private void checked(BundleFile.Read read, String field, Runnable check) {
        try {
            check.run();
        } catch (InputProblem problem) {
            throw file.at(read, field, problem);
        }
    }

    private ImportKind<UnitCopy> unitShelf() {
        return new ImportKind<>(
                "units",
                "unit",
                UnitCopy::id,
                u -> u.site() + ", " + u.name(),
                UnitCopy::check,
                u -> units.byUid(u.id()).map(x -> UnitCopy.of(x, true)).orElse(null),
                UnitCopy::over,
                (shorter, longer) -> false,
                UnitCopy::differences,
                units::put);
    }

    private ImportKind<CallCopy> callShelf(Bundle bundle) {
        Map<String, String> names = new LinkedHashMap<>();
        bundle.units().forEach(u -> names.put(u.id(), u.site() + ", " + u.name()));
        Consumer<CallCopy> check = call -> {
            InputProblem.require(
                    names.containsKey(call.unit()) || units.byUid(call.unit()).isPresent(),
                    "unit",
                    call.unit(),
                    "that unit is neither in this file nor on this bench");
            calls.check(call);
        };
        return new ImportKind<>(
                "calls",
                "call",
                CallCopy::id,
                c -> CallCopies.title(c, names.get(c.unit())),
                check,
                c -> calls.byId(c.id()).orElse(null),
                (theirs, ours) -> theirs,
                CallCopy::isContinuedBy,
                CallCopies::differences,
                calls::put);
    }

    private ImportKind<DepotView> depotShelf() {
        List<DepotView> known = depots.all();
        return plain(
                "depots",
                "depot",
                DepotView::name,
                DepotView::name,
                d -> known.stream()
                        .filter(k -> k.name().equals(d.name()))
                        .findFirst()
                        .orElse(null),
                d -> {
                    if (known.stream().noneMatch(k -> k.name().equals(d.name()))) {
                        depots.add(d.name(), d.isShop());
                    }
                });
    }

    private ImportKind<StockRow> stockShelf(Bundle bundle, String who) {
        Set<String> known = new LinkedHashSet<>();
        depots.all().forEach(d -> known.add(d.name()));
        bundle.depots().forEach(d -> known.add(d.name()));
        return checked(
                plain(
                        "stock",
                        "stock",
                        StockRow::id,
                        r -> r.id() + ", " + r.name(),
                        r -> truck.row(r.id()).orElse(null),
                        r -> truck.keep(r, who, true)),
                r -> InputProblem.require(
                        known.contains(r.depot()),
                        "depot",
                        r.depot(),
                        "that depot is neither in this file nor on this bench"));
    }

    /** The same shelf, each thing on it looked at before. */
    private static <T> ImportKind<T> checked(ImportKind<T> shelf, Consumer<T> check) {
        return new ImportKind<>(
                shelf.field(),
                shelf.kind(),
                shelf.id(),
                shelf.title(),
                check,
                shelf.now(),
                shelf.over(),
                shelf.isContinued(),
                shelf.differences(),
                shelf.put());
    }

    private ImportKind<TableCopy> tableShelf() {
        return checked(
                plain(
                        "tables",
                        "table",
                        TableCopy::refrigerant,
                        t -> "saturation table of " + t.refrigerant(),
                        t -> refrigerants.broughtIn().stream()
                                .filter(k -> k.refrigerant().equals(t.refrigerant()))
                                .map(k -> new TableCopy(k.refrigerant(), k.source(), k.csv()))
                                .findFirst()
                                .orElse(null),
                        t -> refrigerants.bringIn(t.refrigerant(), t.source(), new StringReader(t.csv()))),
                t -> refrigerants.check(t.refrigerant(), t.source(), new StringReader(t.csv())));
    }

    private ImportKind<ShopRules> rulesShelf(String who) {
        return plain(
                "rules",
                "rules",
                r -> "of the shop",
                r -> "the shop's rules",
                r -> shop.inForce().rules(),
                r -> shop.put(r, who));
    }

    /** Things that are what they say, nothing more. */
    private static <T> ImportKind<T> plain(
            String field,
            String kind,
            Function<T, String> id,
            Function<T, String> title,
            Function<T, @Nullable T> now,
            Consumer<T> put) {
        return new ImportKind<>(
                field,
                kind,
                id,
                title,
                t -> {},
                now,
                (theirs, ours) -> theirs,
                (shorter, longer) -> false,
                (ours, theirs) -> List.of("ours: " + ours, "theirs: " + theirs),
                put);
    }
}
