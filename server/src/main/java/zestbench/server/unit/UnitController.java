package zestbench.server.unit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.family.Attribute;
import zestbench.core.family.Spec;
import zestbench.core.plate.PlateAttributes;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Altitude;
import zestbench.core.quantity.InputProblem;
import zestbench.server.unit.Units.UnitView;

/** Units over HTTP. */
@RestController
class UnitController {
    private static final int LONGEST_SEARCH = 200;

    private final Units units;

    UnitController(Units units) {
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

            @Nullable @Min(value = 0, message = "give tons from 0") @Max(value = 100, message = "give up to 100 tons")
            Double tons) {}

    /** The record itself, the one place that shows the serial whole. */
    record RecordView(UnitView unit, Spec plate, Spec indoorPlate, SiteView site) {
        static RecordView of(Unit unit) {
            return new RecordView(
                    UnitView.of(unit),
                    unit.plates().outdoor(),
                    unit.plates().indoor(),
                    new SiteView(unit.altitude().feet(), unit.warranty(), unit.version()));
        }
    }

    /** What is known of the site and of whose warranty runs. */
    record SiteView(double altitudeFeet, Unit.Warranty warranty, long version) {}

    record SiteGiven(
            double altitudeFeet,
            @Nullable LocalDate parts,
            @Nullable LocalDate compressor,
            @Nullable LocalDate labour,
            @Nullable Long version) {}

    @GetMapping("/api/units")
    List<UnitView> found(
            @RequestParam(required = false) @Nullable String words,
            @RequestParam(required = false, defaultValue = "0") @Min(0) @Max(10_000) int page) {
        InputProblem.require(
                words == null || words.length() <= LONGEST_SEARCH, "words", null, "give up to 200 characters");
        List<Unit> found = words == null || words.isBlank() ? units.page(page) : units.found(words, page);
        Map<Long, Units.VisitsView> visits =
                units.visits(found.stream().map(Unit::id).toList());
        return found.stream()
                .map(unit -> UnitView.of(unit, visits.get(unit.id())))
                .toList();
    }

    @GetMapping("/api/units/{id}")
    RecordView record(@PathVariable long id) {
        return RecordView.of(units.get(id));
    }

    @PutMapping("/api/units/{id}/site")
    RecordView know(@PathVariable long id, @Valid @RequestBody SiteGiven given) {
        Altitude altitude = new Altitude(given.altitudeFeet());
        for (LocalDate date : Stream.of(given.parts(), given.compressor(), given.labour())
                .filter(Objects::nonNull)
                .toList()) {
            InputProblem.require(
                    date.getYear() >= 1990 && date.getYear() <= 2100, "warranty", date, "give a day from 1990 to 2100");
        }
        return RecordView.of(units.know(
                id, altitude, new Unit.Warranty(given.parts(), given.compressor(), given.labour()), given.version()));
    }

    /** What a plate can say, for the form that corrects it. */
    @GetMapping("/api/plate-attributes")
    List<Attribute> attributes() {
        return PlateAttributes.ALL;
    }

    @PostMapping("/api/units")
    UnitView add(@Valid @RequestBody NewUnit given) {
        InputProblem.require(given.phase() != 2, "phase", given.phase(), "give 1 or 3");
        List<Double> volts = new ArrayList<>();
        for (String figure : given.volts().split("[/-]", -1)) {
            volts.add(Double.parseDouble(figure));
        }
        Spec spec = PlateFacts.before(volts, given.phase(), given.tons() == null ? 0 : given.tons());
        return UnitView.of(
                units.add(new Unit(given.site().strip(), given.name().strip(), new Plates(spec, Spec.EMPTY))));
    }
}
