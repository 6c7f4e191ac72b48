package zestbench.server.unit;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Sort;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.Families;
import zestbench.core.family.Spec;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.Plates;
import zestbench.core.plate.Serial;
import zestbench.core.proof.Altitude;
import zestbench.server.data.CommittedCache;
import zestbench.server.problem.NotHere;
import zestbench.server.problem.Outdated;

/** The units that are looked after. */
@Service
public class Units {
    /** So many last signs of a serial name a unit. */
    private static final int LEAST_OF_SERIAL = 3;

    /** So many at a time. */
    public static final int PAGE = 100;

    private static final int PLATES_KEPT = 2_000;

    private final UnitRepository store;
    private final JdbcTemplate rows;
    private final CommittedCache<Long, Plates> plates = new CommittedCache<>(PLATES_KEPT, (id, both) -> 1);
    private final ApplicationEventPublisher events;

    Units(UnitRepository store, JdbcTemplate rows, ApplicationEventPublisher events) {
        this.rows = rows;
        this.events = events;
        this.store = store;
    }

    @Transactional
    public Unit add(Unit unit) {
        return kept(store.save(unit));
    }

    /** Its plates as its record has them. */
    public Plates plates(long id) {
        return plates.get(id, any -> get(id).plates());
    }

    private Unit kept(Unit unit) {
        plates.forget(unit.id());
        events.publishEvent(new UnitChanged(unit.id()));
        return unit;
    }

    public List<Unit> all() {
        return store.findAll(Sort.by("site", "name"));
    }

    public Unit get(long id) {
        return store.findById(id).orElseThrow(() -> new NotHere("There is no unit " + id + "."));
    }

    public Optional<Unit> find(long id) {
        return store.findById(id);
    }

    public Optional<Unit> byUid(String uid) {
        return store.findByUid(uid);
    }

    /** Keeps a unit as it came from elsewhere; one that is known becomes it. */
    @Transactional
    public void put(UnitCopy copy) {
        Unit unit = byUid(copy.id()).orElseGet(() -> new Unit(copy.id()));
        unit.become(copy);
        kept(store.saveAndFlush(unit));
    }

    /** Keeps a plate on the unit's record. */
    @Transactional
    public void read(long id, Plates.Which which, Spec plate) {
        Unit unit = get(id);
        unit.read(which, plate);
        kept(store.save(unit));
    }

    /** Keeps what is known of the site and of whose warranty runs. */
    @Transactional
    public Unit know(long id, Altitude altitude, Unit.Warranty warranty, @Nullable Long seen) {
        Unit unit = get(id);
        if (!Outdated.isCurrent(seen, unit.version())) {
            throw new Outdated(
                    "The site was changed meanwhile.",
                    new UnitController.SiteView(unit.altitude().feet(), unit.warranty(), unit.version()),
                    new UnitController.SiteView(altitude.feet(), warranty, seen == null ? 0 : seen));
        }
        unit.know(altitude, warranty);
        return kept(store.save(unit));
    }

    /** Some units by site and name. @param page from 0, of {@link #PAGE} each */
    public List<Unit> page(int page) {
        return byIds(rows.queryForList(
                "select id from unit order by site, name, id limit ? offset ?", Long.class, PAGE, page * PAGE));
    }

    /**
     * Units each word of {@code words} points to: by site, name, place, model, ratings, or the serial's last signs.
     *
     * @param page from 0, of {@link #PAGE} each
     */
    public List<Unit> found(String words, int page) {
        List<Object> given = new ArrayList<>();
        String where = meant(words, given);
        given.add(PAGE);
        given.add(page * PAGE);
        return byIds(rows.queryForList(
                "select u.id from unit u where " + where + " order by u.site, u.name, u.id limit ? offset ?",
                Long.class,
                given.toArray()));
    }

    /** The condition on a unit {@code u} that each word points to it. @param given to which what it asks with is added */
    private static String meant(String words, List<Object> given) {
        StringJoiner where = new StringJoiner(" and ");
        for (String word : words.strip().toLowerCase(Locale.ROOT).split("\\s+")) {
            where.add(meantByWord(word, given));
        }
        return where.toString();
    }

    /** The same for one word. */
    public static String meantByWord(String word, List<Object> given) {
        String like = word.replaceAll("([%_\\\\])", "\\\\$1");
        given.add("%" + like + "%");
        if (word.length() < LEAST_OF_SERIAL) {
            return "u.words like ?";
        }
        given.add("%" + like + Unit.SERIAL_END + "%");
        return "(u.words like ? or u.serials like ?)";
    }

    /** What the visits to these units come to, by unit; nothing of a unit without a visit. */
    public Map<Long, VisitsView> visits(List<Long> ids) {
        Map<Long, VisitsView> out = new HashMap<>();
        if (!ids.isEmpty()) {
            rows.query(
                    "select v.unit_id, v.visits, c.opened_at, s.last_who, v.write_ups from unit_summary v"
                            + " join service_call c on c.id = v.last_call join call_summary s on s.call_id = c.id"
                            + " where v.unit_id in (" + String.join(", ", Collections.nCopies(ids.size(), "?")) + ")",
                    row -> {
                        out.put(
                                row.getLong(1),
                                new VisitsView(
                                        row.getInt(2),
                                        row.getObject(3, OffsetDateTime.class)
                                                .toInstant()
                                                .toEpochMilli(),
                                        row.getString(4),
                                        row.getInt(5)));
                    },
                    ids.toArray());
        }
        return out;
    }

    /** In the order of their numbers as given. */
    public List<Unit> byIds(List<Long> ids) {
        Map<Long, Unit> all = store.findAllById(ids).stream().collect(Collectors.toMap(Unit::id, Function.identity()));
        return ids.stream().map(all::get).filter(Objects::nonNull).toList();
    }

    /** Writes down anew what every unit is found by. */
    @Transactional
    public void indexAll() {
        store.findAll().forEach(Unit::index);
    }

    /**
     * What the visits to a unit come to.
     *
     * @param lastAtMillis when the last one began
     * @param lastWho who wrote last on it; empty where nothing was written yet
     * @param writeUps how much was seen and not done
     */
    public record VisitsView(int count, long lastAtMillis, String lastWho, int writeUps) {}

    /** A unit as the screen shows it; its serial is not in it. @param visits in lists only */
    public record UnitView(
            long id,
            String site,
            String name,
            String line,
            String model,
            String serial,
            int phase,
            double ratedLoadAmps,
            double fanFullLoadAmps,
            List<PlaceView> places,
            @Nullable VisitsView visits) {
        public static UnitView of(Unit unit) {
            return of(unit, null);
        }

        static UnitView of(Unit unit, @Nullable VisitsView visits) {
            PlateFacts facts = unit.facts();
            Spec plate = unit.plates().outdoor();
            return new UnitView(
                    unit.id(),
                    unit.site(),
                    unit.name(),
                    facts.line(),
                    plate.text("model").orElse(""),
                    plate.text("serial").map(Serial::masked).orElse(""),
                    facts.phase(),
                    facts.ratedLoadAmps(),
                    facts.fanFullLoadAmps(),
                    unit.places().stream().map(PlaceView::of).toList(),
                    visits);
        }
    }

    /** A place a part can sit in. @param title of the part in it @param isFamily whether it can be taken into question */
    public record PlaceView(long id, String name, String kind, String serves, String title, boolean isFamily) {
        static PlaceView of(Place place) {
            return new PlaceView(
                    place.id(),
                    place.name(),
                    place.kind(),
                    place.serves(),
                    place.title(),
                    Families.find(place.kind()).isPresent());
        }
    }
}
