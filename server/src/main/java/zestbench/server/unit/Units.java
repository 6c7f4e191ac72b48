package zestbench.server.unit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.server.problem.NotHere;

/** The units that are looked after. */
@Service
public class Units {
    /** The units as kept. */
    interface Store extends JpaRepository<Unit, Long> {}

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

    /** A unit as the screen shows it. */
    public record UnitView(
            long id,
            String site,
            String name,
            String line,
            int phase,
            double ratedLoadAmps,
            double fanFullLoadAmps,
            List<PlaceView> places) {
        public static UnitView of(Unit unit) {
            return new UnitView(
                    unit.id(),
                    unit.site(),
                    unit.name(),
                    line(unit),
                    unit.phase(),
                    unit.ratedLoadAmps(),
                    unit.fanFullLoadAmps(),
                    unit.places().stream()
                            .map(p -> new PlaceView(p.id(), p.name(), p.kind(), p.serves()))
                            .toList());
        }

        private static String line(Unit unit) {
            String tons = unit.tons() > 0 ? zestbench.core.quantity.Figures.plain(unit.tons()) + " ton · " : "";
            String made = unit.made().isEmpty() ? "" : " · made " + unit.made();
            return tons + unit.volts() + " V " + unit.phase() + " ph" + made;
        }
    }

    /** A place a part can sit in. */
    public record PlaceView(long id, String name, String kind, String serves) {}

    /** Units over HTTP. */
    @RestController
    static class Http {
        private final Units units;

        Http(Units units) {
            this.units = units;
        }

        record NewUnit(
                @NotBlank(message = "give the site") @Size(max = 80, message = "give up to 80 characters")
                String site,

                @NotBlank(message = "give the unit a name, such as rooftop 1")
                @Size(max = 80, message = "give up to 80 characters")
                String name,

                @NotBlank(message = "give the rated volts, such as 208/230")
                @Pattern(regexp = "\\d{2,3}([/-]\\d{2,3})?", message = "give volts such as 208/230 or 460")
                String volts,

                @Min(value = 1, message = "give 1 or 3") @Max(value = 3, message = "give 1 or 3")
                int phase,

                @Nullable
                @Min(value = 0, message = "give tons from 0")
                @Max(value = 100, message = "give up to 100 tons")
                Double tons) {}

        @GetMapping("/api/units")
        List<UnitView> all() {
            return units.all().stream().map(UnitView::of).toList();
        }

        @PostMapping("/api/units")
        UnitView add(@Valid @RequestBody NewUnit given) {
            zestbench.core.quantity.InputProblem.require(given.phase() != 2, "phase", given.phase(), "give 1 or 3");
            double tons = given.tons() == null ? 0 : given.tons();
            Unit unit =
                    new Unit(given.site().strip(), given.name().strip(), tons, given.volts(), given.phase(), "", 0, 0);
            unit.addPlace("Outdoor unit", "capacitor", "compressor and outdoor fan");
            return UnitView.of(units.add(unit));
        }
    }
}
