package zestbench.core.compressor;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.Offers;
import zestbench.core.family.PartProof;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Spec;
import zestbench.core.family.SpecPair;
import zestbench.core.family.TestRequest;
import zestbench.core.family.Trait;
import zestbench.core.family.Turning;
import zestbench.core.family.UnitSpot;
import zestbench.core.help.Help;
import zestbench.core.help.Topic;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelGrammar;
import zestbench.core.plate.Capacity;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules;
import zestbench.core.suspect.Fact;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/**
 * Compressors as a family. Windings and amps are read as of every motor; whether one pumps its pressures tell. A new one goes
 * in only once it is known what the old one died of.
 */
public final class CompressorFamily implements Family {
    static final List<Attribute> ATTRIBUTES = List.of(
            Attribute.choice(
                    "type", "Kind", "SCROLL, ROTARY, or a hermetic with pistons", "RECIPROCATING", "SCROLL", "ROTARY"),
            Attribute.number("volts", "Volts", "V", "beside VOLTS")
                    .usually("208/230 V")
                    .as(Type.NUMBERS)
                    .deciding(),
            Attribute.number("phase", "Phase", "", "beside PH")
                    .usually("1 PH", "3 PH")
                    .deciding(),
            Attribute.number("hertz", "Frequency", "Hz", "beside HZ")
                    .usually("60 HZ")
                    .as(Type.NUMBERS),
            Attribute.number("ratedLoadAmps", "RLA", "A", "beside RLA; of the plate where its own is gone")
                    .deciding(),
            Attribute.number("lockedRotorAmps", "LRA", "A", "beside LRA"),
            Attribute.number("maximumContinuousAmps", "MCC", "A", "beside MCC"),
            Attribute.number("nominalBtuPerHour", "Capacity", "BTU/h", "as BTU/H or TON, or by its model number")
                    .deciding(),
            Attribute.text("refrigerant", "Refrigerant", "as R-410A").deciding(),
            Attribute.choice("oil", "Oil", "beside OIL", "POE", "MINERAL", "PVE"),
            Attribute.number("capacitorMicrofarads", "Run capacitor", "µF", "beside CAP"),
            Attribute.number("capacitorVolts", "Run capacitor", "V", "behind its µF"));

    private static final String PUMPS = "PUMPS";
    private static final String STARTS = "STARTS";
    private static final String ACID = "ACID";
    private static final String IS_ACID = "acid";
    private static final Turning TURNING = new CompressorOnLine();

    private static final List<Look> LOOKS = List.of(
            new Look(
                    STARTS,
                    "Called for, its capacitor and contactor good",
                    false,
                    List.of(
                            new Seen("runs", "starts and runs", Verdict.GOOD, "", Mark.PRACTICE).live(),
                            new Seen(
                                            "tripped",
                                            "hums, then its overload opens",
                                            Verdict.TOO_CLOSE,
                                            "Tight, or short of volts: read them at its terminals while it starts, and its windings cold.",
                                            Mark.PRACTICE)
                                    .live(),
                            new Seen(
                                            "seized",
                                            "locked, with a start device too",
                                            Verdict.FAILED,
                                            "Locked with good volts, a good capacitor and a start device: seized.",
                                            Mark.PRACTICE)
                                    .live())),
            new Look(
                    PUMPS,
                    "Pressures, a minute after it started",
                    false,
                    List.of(
                            new Seen("part", "go apart", Verdict.GOOD, "", Mark.PRACTICE).live(),
                            new Seen(
                                            "equal",
                                            "stay near-equal",
                                            Verdict.FAILED,
                                            "Under 30 psi apart it does not pump, whatever it draws; three-phase, its direction first, and a heat "
                                                    + "pump's valve may by-pass.",
                                            Mark.PRACTICE)
                                    .live()
                                    .demanding(Demand.PUMPING))),
            new Look(
                    "NOISE",
                    "How it sounds",
                    false,
                    List.of(
                            new Seen("usual", "as usual", Verdict.GOOD, "", Mark.PRACTICE).live(),
                            new Seen(
                                            "knocks",
                                            "knocks or grinds",
                                            Verdict.WEAK,
                                            "Mechanical: liquid coming back, or bearings on their way out.",
                                            Mark.PRACTICE)
                                    .live())),
            new Look(
                    ACID,
                    "Its oil by an acid test",
                    false,
                    List.of(
                            new Seen("clean", "clean", Verdict.GOOD, "", Mark.PRACTICE),
                            new Seen(
                                    IS_ACID,
                                    "acid, or smells burnt",
                                    Verdict.NOT_JUDGED,
                                    "A burnt motor left acid: the circuit is cleaned, with a suction drier, before another goes in.",
                                    Mark.PRACTICE))));

    public static final Family FAMILY = new CompressorFamily();

    private CompressorFamily() {}

    @Override
    public String kind() {
        return CompressorLabel.KIND;
    }

    @Override
    public String title() {
        return "Compressor";
    }

    @Override
    public String idLetters() {
        return "CM";
    }

    @Override
    public List<Attribute> attributes() {
        return ATTRIBUTES;
    }

    @Override
    public LabelGrammar label() {
        return CompressorLabel.GRAMMAR;
    }

    @Override
    public String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.number("nominalBtuPerHour")
                .ifPresent(b -> out.add(Figures.plain(Figures.tidy(b / Capacity.BTU_PER_HOUR_PER_TON)) + " ton"));
        spec.text("refrigerant").ifPresent(out::add);
        if (!spec.numbers("volts").isEmpty()) {
            out.add(String.join(
                            "/",
                            spec.numbers("volts").stream().map(Figures::plain).toList()) + " V");
        }
        spec.number("phase").ifPresent(p -> out.add(Figures.plain(p) + " ph"));
        spec.number("ratedLoadAmps").ifPresent(a -> out.add("RLA " + Figures.plain(a) + " A"));
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    @Override
    public List<String> sections(Spec spec) {
        return List.of();
    }

    @Override
    public List<String> asked(Spec spec) {
        return List.of(Turning.WINDINGS);
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public Turning turning() {
        return TURNING;
    }

    @Override
    public Set<Trait> traits() {
        return EnumSet.of(Trait.COMPRESSES);
    }

    @Override
    public List<String> condemnedFor() {
        return List.of(
                "a winding to ground", "a winding open, shell cold", "shorted windings", "seized", "does not pump");
    }

    @Override
    public boolean leavesAcid(Map<String, String> seen) {
        return IS_ACID.equals(seen.get(ACID));
    }

    @Override
    public Map<Fact, Boolean> facts(Map<String, String> seen, UnitSpot spot) {
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        String pumps = seen.get(PUMPS);
        if (pumps != null) {
            out.put(Fact.NOT_PUMPING, pumps.equals("equal"));
        }
        String starts = seen.get(STARTS);
        if (starts != null) {
            out.put(Fact.START_AMPS_STAY, !starts.equals("runs"));
        }
        return out;
    }

    @Override
    public Judgement judge(TestRequest request) {
        throw InputProblem.of(
                "kind",
                CompressorLabel.KIND,
                "a compressor is judged by its windings, its amps or its pressures: give kind winding, amps or proof");
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        List<Finding> before = new ArrayList<>();
        before.add(Finding.caution(
                "What did the old one die of? Capacitor, contactor, start device, airflow, charge and acid are looked at first: "
                        + "a new one dies of the same."));
        MatchRequest known = request.requiring(withPlate(request, before));
        double old = known.required().number("nominalBtuPerHour").orElse(0.0);
        return Offers.graded(
                known,
                before,
                new Offers.Way(
                        spec -> SpecPair.by(CompressorRules.ALL, known, spec),
                        this::shortText,
                        spec -> Math.abs(spec.number("nominalBtuPerHour").orElse(0.0) - old),
                        1));
    }

    /**
     * What its own label leaves open the unit's plate tells: the supply and the refrigerant, and its amps where the unit has one
     * compressor. The tons of a unit are not those of its compressor.
     */
    private static Spec withPlate(MatchRequest request, List<Finding> findings) {
        Spec plate = request.circuit().plate();
        Spec out = request.required();
        List<Spec> rows = plate.rows("compressors");
        boolean isOnly = rows.size() == 1;
        for (String shared : List.of("volts", "phase", "hertz", "refrigerant")) {
            if (!out.has(shared) && plate.has(shared)) {
                out = out.with(shared, plate.values().fields().get(shared));
            }
        }
        for (String own : List.of("ratedLoadAmps", "lockedRotorAmps")) {
            if (isOnly && !out.has(own) && rows.get(0).has(own)) {
                out = out.with(own, rows.get(0).values().fields().get(own));
            }
        }
        Optional<String> said = plate.text("refrigerant");
        Optional<String> label = request.required().text("refrigerant");
        if (said.isPresent() && label.isPresent() && !said.equals(label)) {
            findings.add(Finding.stop(
                    Demand.REFRIGERANT,
                    "The plate says {}, the compressor {}: find out what is in the circuit.",
                    said.get(),
                    label.get()));
        }
        return out;
    }

    @Override
    public List<String> terminals(Spec spec) {
        Optional<Double> phase = spec.number("phase");
        return phase.isEmpty()
                ? usualTerminals()
                : phase.get() == 3 ? List.of("T1", "T2", "T3") : List.of("C", "R", "S");
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("C", "R", "S", "T1", "T2", "T3");
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        Spec now = request.pieces().get(0);
        List<String> terminals = terminals(now);
        BlockSheet sheet = new BlockSheet(
                shortText(request.old()), terminals(request.old()), shortText(now), terminals, request.wires());
        List<Step> after = new ArrayList<>();
        after.add(
                new Step("names", "", "", "By the letters on its own cover: C, R and S sit elsewhere on another make"));
        after.add(new Step("cover", "", "", "Terminal cover back on before power: a terminal can blow out"));
        return sheet.sheet(t -> terminals.contains(t) ? t : "", after);
    }

    @Override
    public PartProof proof(HookupRequest request) {
        Spec now = request.pieces().isEmpty() ? request.old() : request.pieces().get(0);
        boolean isThreePhase = now.number("phase").filter(p -> p == 3).isPresent();
        List<Check> before = new ArrayList<>();
        before.add(new Check(
                "cause", "What the old one died of is found: capacitor, contactor, start device, airflow, charge"));
        before.add(new Check("acid", "Oil tested for acid, driers new"));
        before.add(new Check("tight", "Pressure-tested with nitrogen, then a deep vacuum that holds"));
        before.add(new Check("charge", "Charge weighed in by the plate"));
        before.add(new Check("heat", "Crankcase heat on, if it has any, before it starts"));
        before.add(new Check("cover", "Terminal cover on, wires as on the hook-up sheet"));
        List<Check> running = new ArrayList<>();
        if (isThreePhase) {
            running.add(new Check("direction", "Pressures go apart at once; if not: power off, swap any two leads"));
        }
        running.add(new Check("pumps", "Pressures go apart within a minute, no new noise"));
        running.add(new Check("steady", "Superheat and subcooling after 15 min, on the unit's proof"));
        return new PartProof(before, running, List.of(""));
    }

    @Override
    public Optional<Check> beforePower(String name) {
        return Optional.of(new Check("cover", "The cover of the " + name + "'s terminals is on"));
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case TEST ->
                Optional.of(Help.of(
                                "When is it dead?",
                                Help.physics(
                                        "R–S = C–R + C–S. Open to C both ways with R–S whole: its overload is open; cool it, read again."),
                                Help.practice("Under 0.5 MΩ to clean copper it is grounded: stop, no more fuses."),
                                Help.practice(
                                        "Amps alone do not tell whether it pumps: a minute's run and its pressures do."))
                        .with(Help.Picture.COMMON_RUN_START));
            case MATCH ->
                Optional.of(Help.of(
                        "What may stand in for it?",
                        Help.practice(
                                "Same volts, phase and refrigerant, its capacity within 5 %. Its maker's cross-reference comes first."),
                        Help.standard(
                                "NEC 440.33",
                                "More RLA than the old one's wants wire, fuses and contactor looked at anew.")));
            default -> Optional.empty();
        };
    }
}
