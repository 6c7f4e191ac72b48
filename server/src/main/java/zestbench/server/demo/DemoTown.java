package zestbench.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import zestbench.core.family.Sections;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Altitude;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.UnitEntry;
import zestbench.core.wiring.Wire;
import zestbench.server.CsvResource;
import zestbench.server.Settings;
import zestbench.server.data.BeforeOpening;
import zestbench.server.person.People;
import zestbench.server.tape.Calls;
import zestbench.server.truck.Depots;
import zestbench.server.truck.StockRow;
import zestbench.server.truck.Truck;
import zestbench.server.unit.Place;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units;

/** Fills an empty database with Port Calloway, a town that was made up, its units, its truck and its calls. */
@Component
public class DemoTown extends BeforeOpening {
    private static final String CAPACITOR = "capacitor";
    private static final String FAN_MOTOR = "Outdoor fan motor";
    /** What a customer pays over what a part was bought for. */
    private static final double MARK_UP = 1.6;

    private static final double CENTS = 100.0;
    private static final String BOTH = "compressor and outdoor fan";

    private final Settings settings;
    private final People people;
    private final Units units;
    private final Truck truck;
    private final Depots depots;
    private final Calls calls;
    private final DemoVisits visits;
    private final Clock clock;
    private final TransactionTemplate transaction;

    DemoTown(
            Settings settings,
            People people,
            Units units,
            Truck truck,
            Depots depots,
            Calls calls,
            DemoVisits visits,
            Clock clock,
            TransactionTemplate transaction) {
        super(1);
        this.transaction = transaction;
        this.settings = settings;
        this.people = people;
        this.units = units;
        this.truck = truck;
        this.depots = depots;
        this.calls = calls;
        this.visits = visits;
        this.clock = clock;
    }

    @Override
    protected void work() {
        transaction.executeWithoutResult(status -> fill());
    }

    private void fill() {
        if (!settings.demo() || !people.all().isEmpty()) {
            return;
        }
        for (String name : List.of("Tech 1", "Tech 2", "Tech 3")) {
            people.add(name);
        }
        stock("/demo/truck.csv");
        depots.add("Truck 2", false);
        depots.add("Shop", true);
        stock("/demo/elsewhere.csv");
        town();
    }

    private void stock(String file) {
        for (CSVRecord row : CsvResource.read(file)) {
            double cost = Double.parseDouble(row.get("cost"));
            truck.keep(
                    new StockRow(
                            row.get("id"),
                            row.get("id"),
                            row.isMapped("depot") ? row.get("depot") : Depots.FIRST,
                            row.get("bin"),
                            row.get("kind"),
                            row.get("name"),
                            row.get("label"),
                            Integer.parseInt(row.get("quantity")),
                            Integer.parseInt(row.get("minimum")),
                            cost,
                            Math.round(cost * MARK_UP * CENTS) / CENTS),
                    "Tech 1",
                    false);
        }
    }

    private void town() {
        Unit seeds = unit("Seed library", "split system", DemoPlates.SEED_LIBRARY, DemoPlates.SEED_LIBRARY_COIL);
        Unit museumOne = unit("Maritime museum", "rooftop 1", DemoPlates.MUSEUM_ONE, "");
        Unit museumTwo = unit("Maritime museum", "rooftop 2", DemoPlates.MUSEUM_TWO, "");
        Unit ballet = unit("Ballet school", "rooftop", DemoPlates.BALLET_SCHOOL, "");
        Unit loftThree = unit("Net lofts", "loft 3 heat pump", DemoPlates.LOFT_THREE, "");
        Unit loftSeven = unit("Net lofts", "loft 7 heat pump", DemoPlates.LOFT_SEVEN, "");
        earlierVisits(seeds, museumTwo, loftThree, ballet);
        moreVisits(museumOne, loftSeven, ballet);
        stopgap(loftSeven);
        benches(seeds, museumTwo);
        today(seeds, loftThree, museumOne);
        alsoToday(museumTwo, ballet, loftSeven);
    }

    private Unit unit(String site, String name, String plate, String indoorPlate) {
        Plates plates = new Plates(DemoPlates.read(plate), DemoPlates.read(indoorPlate));
        return units.add(new Unit(site, name, plates));
    }

    /** Two years of spring checks: the sections drift, so that "since last time" has something to say. */
    private void earlierVisits(Unit seeds, Unit museum, Unit loft, Unit ballet) {
        visits.check(
                seeds,
                daysAgo(715),
                "Spring check",
                "60/7.5 MFD 440VAC ±6% 50/60Hz",
                Map.of(Sections.HERM, 59.6, Sections.FAN, 7.52));
        visits.check(
                seeds,
                daysAgo(352),
                "Spring check",
                "60/7.5 MFD 440VAC ±6% 50/60Hz",
                Map.of(Sections.HERM, 58.8, Sections.FAN, 7.24));
        visits.check(
                museum,
                daysAgo(630),
                "Spring check",
                "50+7.5 uF 440 V ±6%",
                Map.of(Sections.HERM, 50.3, Sections.FAN, 7.6),
                Map.of(FAN_MOTOR, 1.58, "Compressor", 17.9));
        visits.check(
                museum,
                daysAgo(447),
                "No cooling, nothing clicks on the roof",
                "50+7.5 uF 440 V ±6%",
                Map.of(Sections.HERM, 50.1, Sections.FAN, 7.58),
                Map.of(),
                DemoTapes.lostOnTheWay());
        visits.check(
                museum,
                daysAgo(266),
                "Warm gallery",
                "50+7.5 uF 440 V ±6%",
                Map.of(Sections.HERM, 49.9, Sections.FAN, 7.55),
                Map.of(FAN_MOTOR, 1.71, "Compressor", 18.2));
        visits.check(
                loft,
                daysAgo(540),
                "Spring check",
                "30+5 MFD 370 VAC ±6%",
                Map.of(Sections.HERM, 29.9, Sections.FAN, 4.97),
                Map.of(),
                DemoTapes.start(loft.plates().outdoor(), 42, 239, 231, 0.2));
        visits.check(
                loft,
                daysAgo(181),
                "Noisy start",
                "30+5 MFD 370 VAC ±6%",
                Map.of(Sections.HERM, 29.2, Sections.FAN, 4.88),
                Map.of(),
                DemoTapes.start(loft.plates().outdoor(), 47, 238, 213, 0.4));
        visits.check(
                ballet,
                daysAgo(419),
                "Studio 2 warm",
                "10 MFD 370 VAC ±10%",
                Map.of(Sections.WHOLE, 9.9),
                Map.of(),
                new UnitEntry.JumperPut("jdemo", "float switch", "pan was dry, line clear"),
                new UnitEntry.JumperOut("jdemo", "float switch"));
        visits.check(
                ballet,
                daysAgo(98),
                "Ice on the coil, filter change",
                "10 MFD 370 VAC ±10%",
                Map.of(Sections.WHOLE, 9.8),
                Map.of(),
                DemoTapes.iceOnTheCoil(place(ballet, "Float switch"), dayAgo(97)));
    }

    /** A make-up that was to come out yesterday. */
    private void stopgap(Unit loft) {
        visits.stopgap(loft, daysAgo(15), "No cooling, fan turns slowly", "35+5 MFD 440 VAC ±6%", dayAgo(1));
    }

    /** What two units did at their best, what was seen there and not done, and whose warranty runs. */
    private void benches(Unit seeds, Unit museum) {
        visits.proof(
                seeds,
                daysAgo(352),
                "After the spring check",
                List.of(88.0, 76.0, 57.0, 63.0, 122.0, 54.0, 342.0, 96.0),
                new LeaveEntry.WrittenUp(
                        "wdemo-pan",
                        "Outdoor unit",
                        "Base pan rusted through under the coil",
                        "The coil sags onto its lines",
                        Entry.Urgency.SOON));
        visits.proof(
                museum,
                daysAgo(266),
                "Gallery cooled down again",
                List.of(82.0, 75.0, 56.0, 62.0, 120.0, 53.0, 318.0, 92.0),
                new LeaveEntry.WrittenUp(
                        "wdemo-insulation",
                        "Liquid line",
                        "Insulation gone over two feet at the curb",
                        "Sweats onto the roof deck",
                        Entry.Urgency.WATCH));
        LocalDate today = LocalDate.now(clock.withZone(ZoneId.systemDefault()));
        units.know(
                seeds.id(),
                new Altitude(140),
                new Unit.Warranty(today.minusMonths(8), today.plusMonths(16), today.minusYears(2)),
                null);
    }

    private void moreVisits(Unit museum, Unit loft, Unit ballet) {
        visits.check(museum, daysAgo(688), "Spring check", "10 MFD 440 VAC ±6%", Map.of(Sections.WHOLE, 10.1));
        visits.check(
                museum,
                daysAgo(322),
                "Spring check",
                "10 MFD 440 VAC ±6%",
                Map.of(Sections.WHOLE, 9.9),
                Map.of(),
                DemoVisits.tested(
                                "pdemo-heater",
                                place(museum, "Crankcase heater"),
                                "CRANKCASE HEATER 240 V 70 W",
                                Map.of("HEATER", Optional.of(818.0), "GROUND", Optional.empty()))
                        .toArray(Entry[]::new));
        visits.check(
                loft,
                daysAgo(512),
                "Spring check",
                "35+5 MFD 440 VAC ±6%",
                Map.of(Sections.HERM, 34.8, Sections.FAN, 4.9));
        visits.check(
                loft,
                daysAgo(301),
                "Heat pump iced over, no heat",
                "35+5 MFD 440 VAC ±6%",
                Map.of(Sections.HERM, 34.6, Sections.FAN, 4.9),
                Map.of(),
                DemoTapes.heatPump(visits.setup(loft)));
        visits.check(ballet, daysAgo(602), "Spring check", "10 MFD 370 VAC ±10%", Map.of(Sections.WHOLE, 10.1));
    }

    private void today(Unit seeds, Unit loft, Unit museum) {
        visits.open(
                seeds,
                minutesAgo(42),
                "No cooling, fan slow",
                "60/7.5 MFD 440VAC ±6% 50/60Hz SH-1",
                Map.of(Sections.HERM, 57.3, Sections.FAN, 5.9));
        long loftCall = calls.start(loft.id(), "Outdoor unit hums, then quiet", minutesAgo(25));
        visits.asked(loftCall, minutesAgo(23), "OUTDOOR_FAN_RUNS", "yes", "compressor", "hums", "SHELL_HOT", "yes");
        calls.addPart(loftCall, "Tech 2", minutesAgo(20), CAPACITOR, "Run capacitor", "Outdoor unit", BOTH);
        long gallery = calls.start(museum.id(), "Gallery at 81 °F, both stages called", minutesAgo(12));
        visits.supply(gallery, minutesAgo(11), museum, Map.of("L1-L2", 208.0, "L2-L3", 209.0, "L1-L3", 207.0));
        visits.part(
                gallery,
                minutesAgo(10),
                "transformer",
                place(museum, "Control transformer"),
                "40 VA PRI 208/240 V SEC 24 V 60 HZ CLASS 2",
                List.of(
                        new Wire("PRI COM", "white", null, "contactor L1"),
                        new Wire("PRI 208", "red", null, "contactor L2"),
                        new Wire("SEC R", "yellow", null, "thermostat R"),
                        new Wire("SEC C", "blue", null, "thermostat C")),
                List.of(
                        Map.entry("contactor coil", 8.0),
                        Map.entry("second contactor coil", 8.0),
                        Map.entry("board", 12.0),
                        Map.entry("economiser", 10.0)));
    }

    /** Calls that have been asked about and no more. */
    private void alsoToday(Unit museum, Unit ballet, Unit loft) {
        long fan = calls.start(museum.id(), "Trips off every few minutes", minutesAgo(55));
        visits.asked(fan, minutesAgo(54), "compressor", "runs", "OUTDOOR_FAN_RUNS", "no", "SHORT_CYCLES", "yes");
        visits.part(
                fan,
                minutesAgo(50),
                "motor",
                place(museum, FAN_MOTOR),
                "HARROW 1/4 HP 208-230 V 1 PH 60 HZ 1075 RPM 1.8 A CW LE CAP 7.5 MFD 370 VAC FR 48Y TEAO AMB 60C "
                        + "THERMALLY PROTECTED",
                List.of(
                        new Wire("LINE 1", "black", null, "contactor T1"),
                        new Wire("LINE 2", "white", null, "contactor T2"),
                        new Wire("CAP", "brown", null, "run capacitor FAN"),
                        new Wire("GND", "green", null, "chassis")));
        long fuse = calls.start(ballet.id(), "Studio 2 warm, fuse opened twice", minutesAgo(70));
        visits.asked(fuse, minutesAgo(69), "compressor", "silent", "BREAKER_OPENS", "yes", "AFTER_STORM", "no");
        visits.part(
                fuse,
                minutesAgo(66),
                "fuse",
                place(ballet, "Disconnect and fuses"),
                "35 A 600 V CLASS RK5 TIME DELAY",
                List.of());
        visits.supply(fuse, minutesAgo(64), ballet, Map.of("L1-L2", 463.0, "L2-L3", 464.0, "L1-L3", 461.0));
        long chatter = calls.start(loft.id(), "Chatters at start, lights dip", minutesAgo(33));
        visits.asked(chatter, minutesAgo(32), "compressor", "runs", "GROWLS", "no", "LEAD_BURNT", "yes");
        visits.part(
                chatter,
                minutesAgo(30),
                "contactor",
                place(loft, "Contactor"),
                "2 POLE 30 FLA LRA 150 240 V COIL 24 V LUGS",
                List.of(
                        new Wire("L1", "black", null, "disconnect"),
                        new Wire("L2", "red", null, "disconnect"),
                        new Wire("T1", "black", null, "compressor C"),
                        new Wire("T2", "red", null, "run capacitor C"),
                        new Wire("A1", "blue", null, "thermostat C"),
                        new Wire("A2", "yellow", null, "thermostat Y")));
    }

    private static Place place(Unit unit, String name) {
        return unit.places().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private Instant daysAgo(long days) {
        return clock.instant().minus(Duration.ofDays(days));
    }

    private String dayAgo(long days) {
        return LocalDate.ofInstant(daysAgo(days), ZoneId.systemDefault()).toString();
    }

    private Instant minutesAgo(long minutes) {
        return clock.instant().minus(Duration.ofMinutes(minutes));
    }
}
