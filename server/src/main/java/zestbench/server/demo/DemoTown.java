package zestbench.server.demo;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import zestbench.server.Settings;
import zestbench.server.call.Calls;
import zestbench.server.person.People;
import zestbench.server.truck.Truck;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units;

/** Fills an empty database with Port Calloway, a town that was made up, its units, its truck and its calls. */
@Component
@Order(1)
public class DemoTown implements ApplicationRunner {
    private static final String CAPACITOR = "capacitor";
    private static final String BOTH = "compressor and outdoor fan";

    private final Settings settings;
    private final People people;
    private final Units units;
    private final Truck truck;
    private final Calls calls;
    private final DemoVisits visits;
    private final Clock clock;

    DemoTown(Settings settings, People people, Units units, Truck truck, Calls calls, DemoVisits visits, Clock clock) {
        this.settings = settings;
        this.people = people;
        this.units = units;
        this.truck = truck;
        this.calls = calls;
        this.visits = visits;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!settings.demo() || !people.all().isEmpty()) {
            return;
        }
        for (String name : List.of("Tech 1", "Tech 2", "Tech 3")) {
            people.add(name);
        }
        stockTruck();
        town();
    }

    private void stockTruck() {
        var stream = Objects.requireNonNull(DemoTown.class.getResourceAsStream("/demo/truck.csv"));
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader in = new InputStreamReader(stream, StandardCharsets.UTF_8)) {
            for (CSVRecord row : format.parse(in)) {
                truck.add(
                        row.get("id"),
                        row.get("bin"),
                        row.get("kind"),
                        row.get("name"),
                        row.get("label"),
                        Integer.parseInt(row.get("quantity")),
                        Integer.parseInt(row.get("minimum")),
                        Double.parseDouble(row.get("cost")));
            }
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    private void town() {
        Unit seeds = unit("Seed library", "split system", 3.5, "208/230", 1, "04/2014", 19.2, 1.4);
        Unit museumOne = unit("Maritime museum", "rooftop 1", 5, "208/230", 3, "09/2017", 16.1, 2.1);
        Unit museumTwo = unit("Maritime museum", "rooftop 2", 4, "208/230", 1, "09/2017", 20.6, 1.8);
        Unit ballet = unit("Ballet school", "rooftop", 10, "460", 3, "03/2011", 14.8, 2.6);
        Unit loftThree = unit("Net lofts", "loft 3 heat pump", 2, "208/230", 1, "06/2019", 10.3, 0.9);
        Unit loftSeven = unit("Net lofts", "loft 7 heat pump", 2.5, "208/230", 1, "06/2019", 12.7, 1.1);
        earlierVisits(seeds, museumTwo, loftThree, ballet);
        stopgap(loftSeven);
        today(seeds, loftThree, museumOne);
    }

    private Unit unit(
            String site, String name, double tons, String volts, int phase, String made, double rla, double fla) {
        Unit unit = new Unit(site, name, tons, volts, phase, made, rla, fla);
        boolean dual = phase == 1;
        unit.addPlace("Outdoor unit", CAPACITOR, dual ? BOTH : "outdoor fan");
        unit.addPlace("Indoor unit", CAPACITOR, "indoor blower");
        return units.add(unit);
    }

    /** Two years of spring checks: the sections drift, so that "since last time" has something to say. */
    private void earlierVisits(Unit seeds, Unit museum, Unit loft, Unit ballet) {
        visits.check(
                seeds,
                daysAgo(715),
                "Spring check",
                "60/7.5 MFD 440VAC ±6% 50/60Hz",
                Map.of("HERM", 59.6, "FAN", 7.52));
        visits.check(
                seeds,
                daysAgo(352),
                "Spring check",
                "60/7.5 MFD 440VAC ±6% 50/60Hz",
                Map.of("HERM", 58.8, "FAN", 7.24));
        visits.check(museum, daysAgo(630), "Spring check", "50+7.5 uF 440 V ±6%", Map.of("HERM", 50.3, "FAN", 7.6));
        visits.check(museum, daysAgo(266), "Warm gallery", "50+7.5 uF 440 V ±6%", Map.of("HERM", 49.9, "FAN", 7.55));
        visits.check(loft, daysAgo(540), "Spring check", "30+5 MFD 370 VAC ±6%", Map.of("HERM", 29.9, "FAN", 4.97));
        visits.check(loft, daysAgo(181), "Noisy start", "30+5 MFD 370 VAC ±6%", Map.of("HERM", 29.2, "FAN", 4.88));
        visits.check(ballet, daysAgo(419), "Studio 2 warm", "10 MFD 370 VAC ±10%", Map.of("CAPACITOR", 9.9));
        visits.check(ballet, daysAgo(98), "Filter change", "10 MFD 370 VAC ±10%", Map.of("CAPACITOR", 9.8));
    }

    /** A make-up that was to come out yesterday. */
    private void stopgap(Unit loft) {
        String back = LocalDate.now(clock.withZone(ZoneId.systemDefault()))
                .minusDays(1)
                .toString();
        visits.stopgap(loft, daysAgo(15), "No cooling, fan turns slowly", "35+5 MFD 440 VAC ±6%", back);
    }

    private void today(Unit seeds, Unit loft, Unit museum) {
        visits.open(
                seeds,
                minutesAgo(42),
                "No cooling, fan slow",
                "60/7.5 MFD 440VAC ±6% 50/60Hz SH-1",
                Map.of("HERM", 57.3, "FAN", 5.9));
        long loftCall = calls.start(loft.id(), "Outdoor unit hums, then quiet", minutesAgo(25));
        calls.addPart(loftCall, "Tech 2", minutesAgo(20), CAPACITOR, "Run capacitor", "Outdoor unit", BOTH);
        calls.start(museum.id(), "Gallery at 81 °F, both stages called", minutesAgo(12));
    }

    private Instant daysAgo(long days) {
        return clock.instant().minus(Duration.ofDays(days));
    }

    private Instant minutesAgo(long minutes) {
        return clock.instant().minus(Duration.ofMinutes(minutes));
    }
}
