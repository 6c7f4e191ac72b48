package zestbench.server.shop;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.server.data.CommittedCache;
import zestbench.server.problem.NotHere;
import zestbench.server.problem.Outdated;

/** The meters in use, with how far each can be trusted for each quantity. */
@Service
public class Meters {
    /** One meter for one quantity. */
    @Entity(name = "meter")
    static class Kept {
        @Id
        @GeneratedValue(strategy = GenerationType.IDENTITY)
        private @Nullable Long id;

        private String name = "";

        @Enumerated(EnumType.STRING)
        private Quantity quantity = Quantity.MICROFARADS;

        private double percent;
        private double counts;
        private @Nullable Double topOfRange;

        protected Kept() {}

        Kept(String name, Quantity quantity, Meter meter) {
            this.name = name;
            this.quantity = quantity;
            this.percent = meter.percent();
            this.counts = meter.counts();
            this.topOfRange = meter.range();
        }

        Meter meter() {
            return new Meter(percent, counts, null, topOfRange);
        }
    }

    private final MeterRepository store;
    private final CommittedCache<Quantity, Meter> known =
            new CommittedCache<>(Quantity.values().length, (quantity, meter) -> 1);

    Meters(MeterRepository store) {
        this.store = store;
    }

    /** The meter in use for {@code quantity}: the last one listed, else the usual 2 % + 5. */
    public Meter inUse(Quantity quantity) {
        return known.get(quantity, this::read);
    }

    /** The meters in use, by what they measure. */
    public Map<Quantity, Meter> all() {
        Map<Quantity, Meter> out = new EnumMap<>(Quantity.class);
        for (Quantity quantity : Quantity.values()) {
            out.put(quantity, inUse(quantity));
        }
        return out;
    }

    private Meter read(Quantity quantity) {
        Kept kept = store.findFirstByQuantityOrderByIdDesc(quantity);
        return kept == null ? Meter.USUAL : kept.meter();
    }

    private void changed() {
        for (Quantity quantity : Quantity.values()) {
            known.forget(quantity);
        }
    }

    /** Meters over HTTP. */
    @RestController
    static class Http {
        private final MeterRepository store;
        private final Meters meters;

        Http(MeterRepository store, Meters meters) {
            this.store = store;
            this.meters = meters;
        }

        record MeterView(
                long id,
                String name,
                Quantity quantity,
                String unit,
                String accuracy,
                @Nullable Double range,
                boolean isInUse) {}

        record NewMeter(
                @NotBlank(message = "give the meter a name") @Size(max = 60, message = "give up to 60 characters")
                String name,

                @NotNull(message = "give what it measures") Quantity quantity,

                @NotNull(message = "give its accuracy in % of reading")
                Double percent,

                @NotNull(message = "give its accuracy in counts")
                Double counts,

                @Nullable Double range) {}

        @GetMapping("/api/meters")
        List<MeterView> all() {
            Map<Quantity, Long> inUse = new EnumMap<>(Quantity.class);
            List<Kept> all = store.findAll(Sort.by("quantity", "id"));
            all.forEach(kept -> inUse.put(kept.quantity, Objects.requireNonNull(kept.id)));
            return all.stream()
                    .map(kept -> view(kept, inUse.containsValue(kept.id)))
                    .toList();
        }

        /** @param version number of the meter that was in use for this quantity when it was looked at, 0 where none was */
        @PostMapping("/api/meters")
        MeterView add(@Valid @RequestBody NewMeter given, @RequestParam(required = false) @Nullable Long version) {
            Kept inUse = store.findFirstByQuantityOrderByIdDesc(given.quantity());
            long now = inUse == null ? 0 : Objects.requireNonNull(inUse.id);
            if (!Outdated.isCurrent(version, now)) {
                throw new Outdated(
                        "Another meter was put in use meanwhile.",
                        inUse == null ? Map.of("id", 0, "name", "the usual meter") : view(inUse, true),
                        given);
            }
            Meter meter = new Meter(given.percent(), given.counts(), null, given.range());
            Kept kept = store.save(new Kept(given.name().strip(), given.quantity(), meter));
            meters.changed();
            return view(kept, true);
        }

        @DeleteMapping("/api/meters/{id}")
        void remove(@PathVariable long id) {
            if (!store.existsById(id)) {
                throw new NotHere("There is no meter " + id + ".");
            }
            store.deleteById(id);
            meters.changed();
        }

        private static MeterView view(Kept kept, boolean isInUse) {
            return new MeterView(
                    Objects.requireNonNull(kept.id),
                    kept.name,
                    kept.quantity,
                    kept.quantity.unit(),
                    kept.meter().text(),
                    kept.topOfRange,
                    isInUse);
        }
    }
}
