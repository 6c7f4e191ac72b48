package zestbench.core.tape;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import zestbench.core.controlchain.ControlChain;
import zestbench.core.controlchain.Link;
import zestbench.core.family.MatchRequest.Protects;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Running;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.safety.Deadness;
import zestbench.core.safety.SafePeriod;
import zestbench.core.supply.ControlVoltage;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.suspect.Fact;
import zestbench.core.suspect.Question;
import zestbench.core.suspect.Suspects;
import zestbench.core.winding.PairOhms;
import zestbench.core.wiring.Wire;

/** Where a call stands: a fold over its tape. */
public final class CallState {
    private final List<Line> tape;
    private final Plates onRecord;
    private final Map<String, PartState> parts = new LinkedHashMap<>();
    private final PartsTogether together = new PartsTogether(this, parts.values());
    private final Set<Long> struck;
    private final SafePeriod safe = new SafePeriod();
    private final SupplyState supply = new SupplyState();
    private final LeaveState leave = new LeaveState();
    private final Map<String, String> answers = new LinkedHashMap<>();
    private final Map<String, PlaceFound> places = new LinkedHashMap<>();
    private final Map<String, Line> windings = new LinkedHashMap<>();
    private final List<Line> windingsRead = new ArrayList<>();
    private final Map<String, Line> amps = new LinkedHashMap<>();
    private final Map<String, Line> starts = new LinkedHashMap<>();
    private final Map<Plates.Which, String> plateTexts = new EnumMap<>(Plates.Which.class);
    private final List<String> notes = new ArrayList<>();
    private final List<UnitEntry.WorkDone> work = new ArrayList<>();
    private final ChargeState charge = new ChargeState();
    private @Nullable Line waits;
    private final JumpersIn jumpers = new JumpersIn(leave);
    private final Set<Demand> overridden = EnumSet.noneOf(Demand.class);
    private Plates plates;
    private UnitEntry.@Nullable CallEnded ended;
    /** What follows from the tape, once it was asked for: it takes long to work out, and is asked for again and again. */
    private @Nullable Suspects suspects;
    /** Those of the shorter tape, which are still right where no new fact came. */
    private @Nullable Suspects before;

    private CallState(List<Line> tape, Set<Long> struck, Plates onRecord) {
        this.tape = List.copyOf(tape);
        this.struck = struck;
        this.onRecord = onRecord;
        this.plates = onRecord;
    }

    /**
     * Adds up {@code tape}.
     *
     * @param onRecord the unit's plates as its record has them; what was read on this call goes before them
     */
    public static CallState of(List<Line> tape, Plates onRecord) {
        Set<Long> struck = UnitEntry.Struck.on(tape);
        CallState state = new CallState(tape, struck, onRecord);
        for (Line line : tape) {
            if (!struck.contains(line.number())) {
                state.take(line);
            } else if (line.entry().showsPower(state)) {
                // a wrong figure is struck; that the power was on when it was taken is not
                state.safe.alive();
            }
        }
        state.settle();
        return state;
    }

    /** The same for a tape that {@code before} was the beginning of: what it worked out is not worked out again where it holds. */
    public static CallState of(List<Line> tape, Plates onRecord, CallState before) {
        CallState state = of(tape, onRecord);
        state.before = before.suspects != null ? before.suspects : before.before;
        return state;
    }

    /** What follows from the whole tape: the legs each part is on, and amps whose rating became known later. */
    private void settle() {
        for (PartState part : parts.values()) {
            Protects protects = together.circuit(part).role().protects();
            boolean isInner = protects != null && protects != Protects.UNIT;
            part.isFedBy(isInner ? 1 : plates.facts().phase() == 3 ? 3 : 2);
            part.tests().judgeAmps(plates);
        }
        amps.replaceAll((key, line) -> Rejudged.of(line, plates));
    }

    private void take(Line line) {
        line.entry().change(this, line);
        if (line.entry().showsPower(this)) {
            safe.alive();
        }
    }

    void add(PartEntry.PartAdded added) {
        parts.put(added.part(), new PartState(added));
    }

    /** Does something to a part, where there is one by that id. */
    void onPart(@Nullable String id, Consumer<PartState> change) {
        PartState part = id == null ? null : parts.get(id);
        if (part != null) {
            change.accept(part);
        }
    }

    void end(UnitEntry.@Nullable CallEnded how) {
        ended = how;
    }

    void answer(String question, String answer) {
        answers.remove(question);
        if (!answer.isEmpty()) {
            answers.put(question, answer);
        }
    }

    void plate(UnitEntry.PlateRead read) {
        plates = plates.with(read.which(), read.spec());
        plateTexts.put(read.which(), read.text());
    }

    void windings(Line line, PartEntry.WindingsRead read) {
        windings.put(read.place(), line);
        windingsRead.add(line);
    }

    void amps(Line line, PartEntry.AmpsRead read) {
        if (read.at() != null) {
            amps.put(read.at() + " " + read.key(), line);
        }
    }

    void started(Line line, StartEntry.StartCaught start) {
        starts.put(start.name(), line);
    }

    /** The latest start of each motor, by its place. */
    public Map<String, Line> starts() {
        return starts;
    }

    /** What went into its circuits and came out. */
    public ChargeState charge() {
        return charge;
    }

    void work(Line line) {
        work.add((UnitEntry.WorkDone) line.entry());
    }

    /** Work that was done for which no part went in. */
    public List<UnitEntry.WorkDone> work() {
        return work;
    }

    void waits(@Nullable Line line) {
        waits = line;
    }

    /** The line by which it waits; null where it does not. */
    public @Nullable Line waits() {
        return waits;
    }

    void note(String text) {
        notes.add(text);
    }

    void goPast(PartEntry.Overridden over) {
        if (over.part() == null) {
            overridden.add(over.demand());
        }
    }

    void placeWires(String name, List<Wire> wires) {
        places.put(name, place(name).with(wires));
    }

    void placePhoto(String name, String photo) {
        places.put(name, place(name).with(photo));
    }

    SafePeriod safe() {
        return safe;
    }

    /** A part by its id; null where there is none. */
    @Nullable
    PartState find(String id) {
        return parts.get(id);
    }

    /** Its lines, in the order they were added. */
    public List<Line> tape() {
        return tape;
    }

    /** The unit's plates as its record has them. */
    public Plates onRecord() {
        return onRecord;
    }

    public boolean isStruck(long number) {
        return struck.contains(number);
    }

    public Iterable<PartState> parts() {
        return parts.values();
    }

    /** Its parts beside one another. */
    public PartsTogether together() {
        return together;
    }

    /** The part named {@code id}; throws where there is none. */
    public PartState part(String id) {
        return Optional.ofNullable(parts.get(id))
                .orElseThrow(() -> InputProblem.of("part", id, "no such part on this call"));
    }

    public UnitEntry.@Nullable CallEnded ended() {
        return ended;
    }

    /** Every pair that is asked for: the supply's, and those a capacitor in question can hold a charge across. */
    public Deadness deadness() {
        Map<String, List<String>> asked = new LinkedHashMap<>();
        asked.put(Deadness.SUPPLY, supplyPairs());
        for (PartState part : parts.values()) {
            if (part.closed() == null) {
                List<String> charged = part.family().charged(part.spec());
                if (!charged.isEmpty()) {
                    asked.put(part.id(), charged);
                }
            }
        }
        return safe.deadness(asked);
    }

    /** The pairs that are read wherever line volts are read on this unit. */
    public List<String> supplyPairs() {
        PlateFacts facts = plates.facts();
        return Deadness.supplyPairs(facts.phase(), facts.nominalVolts());
    }

    /** What making safe asks for, and what of it is done since power was last on. */
    public List<SafePeriod.Step> safeSteps() {
        return safe.steps(deadness().isSupplyDead());
    }

    public Plates plates() {
        return plates;
    }

    /** The text a plate was read from on this call, its serial masked; empty where it was not. */
    public String plateText(Plates.Which which) {
        return plateTexts.getOrDefault(which, "");
    }

    public JumpersIn jumpers() {
        return jumpers;
    }

    public SupplyState supply() {
        return supply;
    }

    /** How the call ends. */
    public LeaveState leave() {
        return leave;
    }

    /** The latest reading of windings, by place. */
    public Map<String, Line> windings() {
        return windings;
    }

    /** Whether a winding at a place was read to ground on this call. */
    public boolean isReadToGround(String place) {
        return windingsRead.stream()
                .map(line -> (PartEntry.WindingsRead) line.entry())
                .filter(read -> read.place().equals(place))
                .flatMap(read -> read.verdicts().stream())
                .anyMatch(judged -> judged.subject().endsWith(PairOhms.GROUND));
    }

    /** Every reading of windings, in the order they were taken. */
    List<Line> windingsRead() {
        return windingsRead;
    }

    /** What the readings at a point of the supply say together. */
    List<Finding> supplyFindings(SupplyPoint point) {
        return supply.findings(point, plates.outdoor(), Meter.USUAL);
    }

    /** The latest amps of each motor and speed, by place. */
    public Map<String, Line> amps() {
        return amps;
    }

    /** Answers by question. */
    public Map<String, String> answers() {
        return answers;
    }

    /** What a place looked like; nothing where no one looked. */
    public PlaceFound place(String name) {
        return places.getOrDefault(name, PlaceFound.NOTHING);
    }

    /** STOPs that stand on the unit and that somebody went on past. */
    Set<Demand> overridden() {
        return overridden;
    }

    /** Whether somebody said that the compressor does not run. */
    public boolean isSaidSilent() {
        return Boolean.FALSE.equals(Question.facts(answers).get(Fact.COMPRESSOR_RUNS));
    }

    /** The suspects by everything that is known so far. */
    public Suspects suspects() {
        Suspects known = suspects;
        if (known == null) {
            Map<Fact, Boolean> facts = evidence();
            known = before != null && before.areOf(facts) ? before : Suspects.of(facts);
            suspects = known;
        }
        return known;
    }

    /** What it runs for, and what is proved of it. */
    public RunningUnit runningUnit() {
        return new RunningUnit(answers, leave);
    }

    /** What is known for the suspects. */
    public Map<Fact, Boolean> evidence() {
        return Evidence.of(
                answers,
                notes,
                plates.outdoor(),
                supply,
                controlChain(),
                windingsRead,
                amps.values(),
                starts.values(),
                parts.values(),
                leave.kept());
    }

    /** Whether anything is known of the fault, beyond what the plate says of the unit and what is called for. */
    public boolean isBegun() {
        return evidence().keySet().stream().anyMatch(fact -> fact != Fact.THREE_PHASE && fact != Fact.HEATING);
    }

    /** The control circuit in series, with what was read along it. */
    public ControlChain controlChain() {
        List<Link> switches = parts.values().stream()
                .filter(part -> part.closed() == null)
                .flatMap(part -> part.family().inSeries(part.spec()).stream())
                .toList();
        double rated =
                controlVolts(SupplyPoint.TRANSFORMER).stream().findFirst().orElse(ControlVoltage.USUAL_COIL);
        return supply.chain(runningUnit().runsFor() == Running.HEAT, switches, rated);
    }

    /** Volts that labels read on this call give for a point of the control circuit; empty where none does. */
    public List<Double> controlVolts(SupplyPoint point) {
        List<Double> out = new ArrayList<>();
        for (PartState part : parts.values()) {
            if (part.closed() == null) {
                if (point == SupplyPoint.COIL) {
                    out.addAll(part.spec().numbers("coilVolts"));
                } else {
                    part.spec().number("secondaryVolts").ifPresent(out::add);
                }
            }
        }
        return out;
    }
}
