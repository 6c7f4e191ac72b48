package zestbench.server.refrigerant;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.proof.SaturationTable;
import zestbench.server.data.CommittedCache;
import zestbench.server.problem.NotHere;

/** The saturation tables: those that come with the bench, and those that were brought in, which go before them. */
@Service
public class Refrigerants {
    private static final List<String> SHIPPED = List.of("R-22", "R-32", "R-134a", "R-407C", "R-410A", "R-454B");

    /** A table that was brought in. */
    @Entity(name = "saturation")
    static class Kept {
        @Id
        private String refrigerant = "";

        private String name = "";
        private String source = "";
        /** When it came, for whoever reads the database. */
        @SuppressWarnings("UnusedVariable")
        private Instant at = Instant.EPOCH;

        @Lob
        private String points = "";

        protected Kept() {}

        Kept(String name, String source, Instant at, String points) {
            this.refrigerant = key(name);
            this.name = name;
            this.source = source;
            this.at = at;
            this.points = points;
        }
    }

    private static final int TABLES_KEPT = 100;

    private final SaturationTableRepository store;
    private final CommittedCache<String, Optional<SaturationTable>> known =
            new CommittedCache<>(TABLES_KEPT, (key, table) -> 1);
    private final Clock clock;
    private final Map<String, SaturationTable> shipped = new TreeMap<>();

    Refrigerants(SaturationTableRepository store, Clock clock) {
        this.store = store;
        this.clock = clock;
        for (String name : SHIPPED) {
            shipped.put(key(name), shipped(name));
        }
    }

    private static SaturationTable shipped(String name) {
        var stream =
                Objects.requireNonNull(Refrigerants.class.getResourceAsStream("/refrigerants/" + name + ".csv"), name);
        try (stream) {
            String text = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
            String first = text.substring(0, text.indexOf('\n'));
            return TableCsv.read(name, first.substring(first.indexOf(": ") + 2), new StringReader(text));
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    /** Names differ in case and dashes from plate to plate. */
    private static String key(String refrigerant) {
        return refrigerant.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
    }

    /** The table of {@code refrigerant}; null where there is none. */
    public @Nullable SaturationTable find(String refrigerant) {
        return known.get(key(refrigerant), this::read).orElse(null);
    }

    private Optional<SaturationTable> read(String key) {
        return store.findById(key)
                .map(kept -> TableCsv.read(kept.name, kept.source, new StringReader(kept.points)))
                .or(() -> Optional.ofNullable(shipped.get(key)));
    }

    /** Every table by its name. */
    List<SaturationTable> all() {
        Map<String, SaturationTable> out = new TreeMap<>(shipped);
        for (Kept kept : store.findAll()) {
            out.put(kept.refrigerant, TableCsv.read(kept.name, kept.source, new StringReader(kept.points)));
        }
        return List.copyOf(out.values());
    }

    /** A table as it was brought in. */
    public record BroughtIn(String refrigerant, String source, String csv) {}

    /** Every table that was brought in. */
    public List<BroughtIn> broughtIn() {
        return store.findAll(Sort.by("refrigerant")).stream()
                .map(k -> new BroughtIn(k.name, k.source, k.points))
                .toList();
    }

    /** Throws where a table cannot be brought in. */
    public void check(String refrigerant, String source, Reader csv) {
        TableCsv.read(refrigerant, source, csv);
    }

    /** Whether the table was brought in, and can be taken out again. */
    boolean isBroughtIn(String refrigerant) {
        return store.existsById(key(refrigerant));
    }

    /** Takes a table in; it goes before one of the same name. */
    @Transactional
    public SaturationTable bringIn(String refrigerant, String source, Reader csv) {
        SaturationTable table = TableCsv.read(refrigerant, source, csv);
        store.save(new Kept(table.refrigerant(), source, clock.instant(), TableCsv.write(table)));
        known.forget(key(refrigerant));
        return table;
    }

    @Transactional
    public void takeOut(String refrigerant) {
        if (!store.existsById(key(refrigerant))) {
            throw new NotHere("No saturation table for " + refrigerant + " was brought in.");
        }
        store.deleteById(key(refrigerant));
        known.forget(key(refrigerant));
    }
}
