package zestbench.server.unit;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.Families;
import zestbench.core.family.Spec;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.Plates;
import zestbench.core.plate.Serial;
import zestbench.core.proof.Altitude;
import zestbench.server.problem.NotHere;
import zestbench.server.problem.Outdated;

/** The units that are looked after. */
@Service
public class Units {
    /** The units as kept. */
    interface Store extends JpaRepository<Unit, Long> {
        Optional<Unit> findByUid(String uid);
    }

    /** So many last signs of a serial name a unit. */
    private static final int LEAST_OF_SERIAL = 3;

    private final Store store;

    Units(Store store) {
        this.store = store;
    }

    @Transactional
    public Unit add(Unit unit) {
        return store.save(unit);
    }

    public List<Unit> all() {
        return store.findAll(Sort.by("site", "name"));
    }

    public Unit get(long id) {
        return store.findById(id).orElseThrow(() -> new NotHere("There is no unit " + id + "."));
    }

    public Optional<Unit> byUid(String uid) {
        return store.findByUid(uid);
    }

    /** Keeps a unit as it came from elsewhere; one that is known becomes it. */
    @Transactional
    public void put(UnitCopy copy) {
        Unit unit = byUid(copy.id()).orElseGet(() -> new Unit(copy.id()));
        unit.become(copy);
        store.saveAndFlush(unit);
    }

    /** Keeps a plate on the unit's record. */
    @Transactional
    public void read(long id, Plates.Which which, Spec plate) {
        Unit unit = get(id);
        unit.read(which, plate);
        store.save(unit);
    }

    /** Keeps what is known of the site and of whose warranty runs. */
    @Transactional
    public Unit know(long id, Altitude altitude, Unit.Warranty warranty, @Nullable Long seen) {
        Unit unit = get(id);
        if (!Outdated.isCurrent(seen, unit.version())) {
            throw new Outdated(
                    "The site was changed meanwhile.",
                    new UnitHttp.SiteView(unit.altitude().feet(), unit.warranty(), unit.version()),
                    new UnitHttp.SiteView(altitude.feet(), warranty, seen == null ? 0 : seen));
        }
        unit.know(altitude, warranty);
        return store.save(unit);
    }

    /** Units each word of {@code words} points to: by site, name, place, model, ratings, or the serial's last signs. */
    public List<Unit> found(String words) {
        List<String> all = List.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        return all().stream()
                .filter(unit -> all.stream().allMatch(word -> isMeant(unit, word)))
                .toList();
    }

    private static boolean isMeant(Unit unit, String word) {
        StringBuilder text = new StringBuilder(
                unit.site() + " " + unit.name() + " " + unit.facts().line());
        unit.places().forEach(p -> text.append(' ').append(p.name()));
        boolean bySerial = false;
        for (Spec plate : List.of(unit.plates().outdoor(), unit.plates().indoor())) {
            plate.text("model").ifPresent(model -> text.append(' ').append(model));
            String serial = plate.text("serial").orElse("").toLowerCase(Locale.ROOT);
            bySerial |= word.length() >= LEAST_OF_SERIAL && serial.endsWith(word);
        }
        return bySerial || text.toString().toLowerCase(Locale.ROOT).contains(word);
    }

    /** A unit as the screen shows it; its serial is not in it. */
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
            List<PlaceView> places) {
        public static UnitView of(Unit unit) {
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
                    unit.places().stream().map(PlaceView::of).toList());
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
