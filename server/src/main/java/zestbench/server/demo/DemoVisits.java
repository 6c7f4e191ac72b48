package zestbench.server.demo;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zestbench.core.Families;
import zestbench.core.amps.RunningAmps;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Sections;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Judgement;
import zestbench.core.plate.RatedMotor;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.UnitProof;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;
import zestbench.core.supply.PairReading;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.supply.SupplyVoltage;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.UnitEntry;
import zestbench.core.value.Value;
import zestbench.core.wiring.Wire;
import zestbench.server.refrigerant.Refrigerants;
import zestbench.server.tape.Calls;
import zestbench.server.unit.Place;
import zestbench.server.unit.Unit;

/** Visits of the demo town, written onto tapes as they would have been: judged by the core, at their own time. */
@Component
class DemoVisits {
    private static final String WHO = "Tech 1";
    private static final Family CAPACITOR = Families.named("capacitor");

    private static final List<ProofPoint> READ_IN_ORDER = List.of(
            ProofPoint.OUTDOOR_AIR,
            ProofPoint.RETURN_AIR,
            ProofPoint.SUPPLY_AIR,
            ProofPoint.RETURN_WET_BULB,
            ProofPoint.SUCTION_PRESSURE,
            ProofPoint.SUCTION_LINE,
            ProofPoint.LIQUID_PRESSURE,
            ProofPoint.LIQUID_LINE);
    private static final int SECONDS_TO_SETTLE = 720;

    private final Calls calls;
    private final Refrigerants refrigerants;

    DemoVisits(Calls calls, Refrigerants refrigerants) {
        this.calls = calls;
        this.refrigerants = refrigerants;
    }

    /**
     * A visit that proved the unit at its best and wrote something up.
     *
     * @param readings outdoors, return, supply, return wet bulb, suction, suction line, liquid, liquid line
     */
    void proof(Unit unit, Instant at, String complaint, List<Double> readings, LeaveEntry.WrittenUp writeUp) {
        long call = calls.start(unit.id(), complaint, at);
        calls.addAt(call, WHO, at, new LeaveEntry.UnitStarted());
        Map<ProofPoint, Double> read = new LinkedHashMap<>();
        for (int round = 1; round <= 2; round++) {
            for (int i = 0; i < readings.size(); i++) {
                read.put(READ_IN_ORDER.get(i), readings.get(i));
                calls.addAt(
                        call,
                        WHO,
                        at.plusSeconds((long) SECONDS_TO_SETTLE * round / 2 + i * 20L),
                        new LeaveEntry.ProofRead(READ_IN_ORDER.get(i), readings.get(i)));
            }
        }
        UnitProof.Answer answer = UnitProof.of(read, setup(unit));
        Instant kept = at.plusSeconds(SECONDS_TO_SETTLE + 240L);
        calls.addAt(
                call,
                WHO,
                kept,
                new LeaveEntry.ProofKept(read, answer.verdicts(), answer.shown(), answer.findings(), true, true),
                writeUp);
        close(call);
    }

    /** What the proof of a unit goes by. */
    ProofSetup setup(Unit unit) {
        return ProofSetup.of(
                unit.plates(),
                refrigerants.find(ProofSetup.refrigerantOf(unit.plates())),
                unit.altitude(),
                ShopRules.DEFAULT);
    }

    /** A visit that found the capacitor as it read and closed. */
    void check(Unit unit, Instant at, String complaint, String label, Map<String, Double> readings) {
        check(unit, at, complaint, label, readings, Map.of());
    }

    /** The same, with running amps read, and what else was put on the tape. */
    void check(
            Unit unit,
            Instant at,
            String complaint,
            String label,
            Map<String, Double> readings,
            Map<String, Double> amps,
            Entry... more) {
        long call = calls.start(unit.id(), complaint, at);
        String part = read(call, unit, at, label);
        measure(call, part, at, label, null, readings);
        calls.addAt(
                call, WHO, at, new PartEntry.PartClosed(part, Entry.Outcome.NOT_NEEDED, asLeft(readings), "", null));
        amps(call, unit, at, amps);
        for (Entry entry : more) {
            calls.addAt(call, WHO, at.plusSeconds(900), entry);
        }
        close(call);
    }

    /** Amps of motors by the name of their place, as they were read on a visit. */
    void amps(long call, Unit unit, Instant at, Map<String, Double> amps) {
        new TreeMap<>(amps).forEach((place, read) -> {
            RatedMotor motor = RatedMotor.at(unit.plates(), place);
            Judgement judgement = RunningAmps.judge(
                    List.of(new RunningAmps.Taken(motor.kind(), read, null)), motor.rated(), Meter.USUAL);
            calls.addAt(
                    call,
                    WHO,
                    at.plusSeconds(600),
                    new PartEntry.AmpsRead(
                            null,
                            motor.kind(),
                            judgement.verdicts().get(0),
                            judgement.findings(),
                            place,
                            null,
                            null,
                            null,
                            null,
                            Meter.USUAL.text()));
        });
    }

    /** Takes the part of a place into question, its label and its wires as they were found. */
    void part(long call, Instant at, String kind, Place place, String label, List<Wire> wires) {
        part(call, at, kind, place, label, wires, List.of());
    }

    /** The same, with what hangs on it: each load with the VA it holds. */
    void part(
            long call,
            Instant at,
            String kind,
            Place place,
            String label,
            List<Wire> wires,
            List<Map.Entry<String, Double>> loads) {
        Family family = Families.named(kind);
        String title = place.title().equals(place.name()) ? place.name() : family.title();
        String part = calls.addPart(call, WHO, at, kind, title, place.name(), place.serves());
        Spec spec = new Spec(family.read(label).fields());
        if (!loads.isEmpty()) {
            List<Value> rows = new ArrayList<>();
            loads.forEach(load -> rows.add(new Value.Fields(
                    Map.of("name", Value.of(load.getKey()), "heldVoltAmps", Value.of(load.getValue())))));
            spec = spec.with("loads", new Value.Items(rows));
        }
        calls.addAt(call, WHO, at, new PartEntry.LabelRead(part, label, spec));
        if (!wires.isEmpty()) {
            calls.addAt(call, WHO, at, new PartEntry.WiresFound(part, wires));
        }
    }

    /** A visit that is still open. */
    void open(Unit unit, Instant at, String complaint, String label, Map<String, Double> readings) {
        long call = calls.start(unit.id(), complaint, at);
        String part = read(call, unit, at.plusSeconds(120), label);
        measure(call, part, at.plusSeconds(300), label, null, readings);
    }

    /** A visit that left two capacitors in parallel until the proper one is here. */
    void stopgap(Unit unit, Instant at, String complaint, String label, String returnDate) {
        long call = calls.start(unit.id(), complaint, at);
        String part = read(call, unit, at, label);
        measure(call, part, at, label, null, Map.of(Sections.HERM, 33.9, Sections.FAN, 3.1));
        List<StockLine> used = List.of(
                new StockLine("bought-1", 1, spec("30+5 MFD 440 VAC ±6%"), 0),
                new StockLine("bought-2", 1, spec("5 MFD 440 VAC ±6%"), 0));
        Match match = CAPACITOR
                .match(new MatchRequest(spec(label), List.of(), Circuit.UNKNOWN, List.of(), used, ShopRules.DEFAULT))
                .matches()
                .stream()
                .filter(m -> m.grade() == Grade.STOPGAP)
                .findFirst()
                .orElseThrow();
        List<Entry.Piece> pieces = match.offer().stream()
                .map(id -> new Entry.Piece(
                        null, spec(id.equals("bought-1") ? "30+5 MFD 440 VAC ±6%" : "5 MFD 440 VAC ±6%")))
                .toList();
        calls.addAt(
                call,
                WHO,
                at,
                new PartEntry.Chosen(
                        part,
                        match.title(),
                        match.grade(),
                        pieces,
                        match.assignment(),
                        match.criteria(),
                        match.changes(),
                        returnDate,
                        0));
        int dual = match.offer().indexOf("bought-1");
        measure(call, part, at, "30+5 MFD 440 VAC ±6%", dual, Map.of(Sections.HERM, 30.2, Sections.FAN, 5.04));
        measure(call, part, at, "5 MFD 440 VAC ±6%", 1 - dual, Map.of(Sections.WHOLE, 5.1));
        calls.addAt(
                call,
                WHO,
                at,
                new PartEntry.PartClosed(
                        part, Entry.Outcome.REPLACED, match.title(), "proper dual ordered", returnDate));
        close(call);
    }

    /** Questions that were answered, each key followed by its answer. */
    void asked(long call, Instant at, String... questionsAndAnswers) {
        for (int i = 0; i < questionsAndAnswers.length; i += 2) {
            calls.addAt(call, WHO, at, new UnitEntry.Answered(questionsAndAnswers[i], questionsAndAnswers[i + 1]));
        }
    }

    /** Volts read at the disconnect. */
    void supply(long call, Instant at, Unit unit, Map<String, Double> pairs) {
        new TreeMap<>(pairs).forEach((pair, volts) -> {
            Judgement judgement =
                    SupplyVoltage.onSite(unit.plates().outdoor(), List.of(new PairReading(pair, volts)), Meter.USUAL);
            calls.addAt(
                    call,
                    WHO,
                    at,
                    new UnitEntry.SupplyRead(
                            SupplyPoint.DISCONNECT,
                            judgement.verdicts().get(0),
                            judgement.findings(),
                            Meter.USUAL.text()));
        });
    }

    /** What a tape says of a part that was tested and is good: its label, each reading in ohms (none where it read OL), its end. */
    static List<Entry> tested(String part, Place place, String label, Map<String, Optional<Double>> ohms) {
        Family family = Families.named(place.kind());
        Spec spec = new Spec(family.read(label).fields());
        List<Entry> out = new ArrayList<>();
        out.add(new PartEntry.PartAdded(part, place.kind(), family.title(), place.name(), place.serves()));
        out.add(new PartEntry.LabelRead(part, label, spec));
        List<String> left = new ArrayList<>();
        new TreeMap<>(ohms).forEach((section, read) -> {
            Reading reading = read.map(o -> Reading.of(Quantity.OHMS, o)).orElse(Reading.overRange(Quantity.OHMS));
            Judgement judgement = family.judge(new TestRequest(
                    spec, List.of(new SectionReading(section, reading)), Meter.USUAL, ShopRules.DEFAULT));
            left.add(section + " " + reading.text());
            judgement
                    .verdicts()
                    .forEach(judged -> out.add(new PartEntry.Measured(
                            part,
                            null,
                            Entry.Method.BENCH,
                            judged,
                            family.shortText(spec),
                            judgement.findings(),
                            Meter.USUAL.text(),
                            0)));
        });
        out.add(new PartEntry.PartClosed(part, Entry.Outcome.NOT_NEEDED, String.join(", ", left), "", null));
        return out;
    }

    private String read(long call, Unit unit, Instant at, String label) {
        Place place = unit.places().stream()
                .filter(p -> p.kind().equals(CAPACITOR.kind()))
                .findFirst()
                .orElseThrow();
        String part = calls.addPart(call, WHO, at, CAPACITOR.kind(), CAPACITOR.title(), place.name(), place.serves());
        calls.addAt(call, WHO, at, new PartEntry.LabelRead(part, label, spec(label)));
        return part;
    }

    private void measure(
            long call, String part, Instant at, String label, @Nullable Integer piece, Map<String, Double> readings) {
        List<SectionReading> taken = new TreeMap<>(readings)
                .descendingMap().entrySet().stream()
                        .map(r -> new SectionReading(r.getKey(), Reading.of(Quantity.MICROFARADS, r.getValue())))
                        .toList();
        Spec spec = spec(label);
        Judgement judgement = CAPACITOR.judge(new TestRequest(spec, taken, Meter.USUAL, ShopRules.DEFAULT));
        String rating = CAPACITOR.shortText(spec);
        judgement
                .verdicts()
                .forEach(judged -> calls.addAt(
                        call,
                        WHO,
                        at.plusSeconds(30),
                        new PartEntry.Measured(
                                part,
                                piece,
                                Entry.Method.BENCH,
                                judged,
                                rating,
                                judgement.findings(),
                                Meter.USUAL.text(),
                                0)));
    }

    private void close(long call) {
        calls.end(call, WHO, Entry.End.CLOSED, "");
    }

    private static String asLeft(Map<String, Double> readings) {
        return String.join(
                ", ",
                new TreeMap<>(readings)
                        .descendingMap().entrySet().stream()
                                .map(r -> r.getKey() + " " + r.getValue() + " µF")
                                .toList());
    }

    private static Spec spec(String label) {
        return new Spec(CAPACITOR.read(label).fields());
    }
}
