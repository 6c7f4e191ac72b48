package zestbench.core.startdevice;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;
import zestbench.core.family.Family;
import zestbench.core.family.FieldRule;
import zestbench.core.family.FlammableRefrigerant;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.Offers;
import zestbench.core.family.Proof;
import zestbench.core.family.Proof.Check;
import zestbench.core.family.Spec;
import zestbench.core.family.SpecPair;
import zestbench.core.family.TestRequest;
import zestbench.core.family.Trait;
import zestbench.core.family.UnitSpot;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelGrammar;
import zestbench.core.plate.PlateFacts;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.shop.ShopRules;
import zestbench.core.suspect.Fact;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Start devices as a family: one in a circuit at the most, in parallel with the run capacitor. */
public final class StartDeviceFamily implements Family {
    static final List<Attribute> ATTRIBUTES = List.of(
            Attribute.choice("type", "Kind", "as PTC, or told by its relay", "PTC", "POTENTIAL_RELAY", "SOLID_STATE")
                    .deciding(),
            Attribute.number("voltsLow", "Volts from", "V", "beside the volts"),
            Attribute.number("voltsHigh", "Volts to", "V", "beside the volts"),
            Attribute.number("tonsLow", "Tons from", "ton", "beside TON"),
            Attribute.number("tonsHigh", "Tons to", "ton", "beside TON"),
            Attribute.number("kit", "Relay and start capacitor in one, two wires", "", "as KIT, or seen")
                    .as(Type.FLAG),
            Attribute.number("pickUpVolts", "Picks up at", "V", "beside PICK-UP, potential relays"),
            Attribute.number("dropOutVolts", "Drops out at", "V", "beside DROP-OUT, potential relays"),
            Attribute.number("continuousVolts", "Coil, continuous", "V", "beside COIL or CONT, potential relays"));

    private static final String SECOND = "SECOND";
    private static final String TWO = "two";
    private static final String CASE = "CASE";
    private static final String BURST = "burst";
    /** So long a PTC cools before it works again. [practice] */
    private static final int COOL_MINUTES = 5;

    private static final String OHMS = "OHMS, COLD";
    /** A PTC of this kind reads so much cold, at the most. [practice] */
    private static final double COLD_OHMS = 200;

    private static final List<String> RELAY_VOLTS = List.of("pickUpVolts", "dropOutVolts", "continuousVolts");
    private static final String RELAY_QUESTION =
            "Pick-up, drop-out, continuous coil volts and contacts equal to the old relay's?";
    private static final double SAME = 1e-6;
    private static final double VOLTS_WITHIN = 0.10;

    private static final List<Look> LOOKS = List.of(
            new Look(
                    SECOND,
                    "Start devices in this circuit",
                    true,
                    List.of(
                            new Seen("one", "one", Verdict.GOOD, "", Mark.PRACTICE),
                            new Seen(
                                            TWO,
                                            "two",
                                            Verdict.FAILED,
                                            "At most one: the added one comes out. Across the run capacitor: its two wires off C and HERM, "
                                                    + "nothing else moves. In the wire to S: both its ends off, and that wire back on HERM.",
                                            Mark.PRACTICE)
                                    .demanding(Demand.TAKE_OUT))),
            new Look(
                    "TRIED",
                    "Tried just now",
                    false,
                    List.of(
                            new Seen(
                                            "hot",
                                            "yes, it is hot",
                                            Verdict.GOOD,
                                            "A hot PTC starts nothing: let it cool, then try again.",
                                            Mark.PRACTICE)
                                    .live()
                                    .cooling(COOL_MINUTES),
                            new Seen("cold", "no, it is cold", Verdict.GOOD, "", Mark.PRACTICE))),
            new Look(
                    CASE,
                    "Case and capacitor",
                    false,
                    List.of(
                            new Seen("sound", "sound", Verdict.GOOD, "", Mark.PRACTICE),
                            new Seen(
                                    BURST,
                                    "cracked, burst or burnt",
                                    Verdict.FAILED,
                                    "A burst start device is replaced.",
                                    Mark.PRACTICE))));

    private static final List<Consumer<SpecPair>> RULES = List.of(
            StartDeviceFamily::phase,
            StartDeviceFamily::type,
            StartDeviceFamily::volts,
            StartDeviceFamily::tons,
            p -> FlammableRefrigerant.rule(p, "start device"));

    public static final Family FAMILY = new StartDeviceFamily();

    private StartDeviceFamily() {}

    @Override
    public String kind() {
        return StartDeviceLabel.KIND;
    }

    @Override
    public String title() {
        return "Start device";
    }

    @Override
    public String idLetters() {
        return "SD";
    }

    @Override
    public List<Attribute> attributes() {
        return ATTRIBUTES;
    }

    @Override
    public LabelGrammar label() {
        return StartDeviceLabel.GRAMMAR;
    }

    @Override
    public List<String> sections(Spec spec) {
        return spec.isEmpty() ? List.of() : List.of(OHMS);
    }

    @Override
    public List<String> asked(Spec spec) {
        return List.of(OHMS, SECOND);
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("1", "2", "5");
    }

    @Override
    public Set<Trait> traits() {
        return EnumSet.of(Trait.STARTS);
    }

    @Override
    public Optional<Fact> factOf(String section, UnitSpot spot) {
        return Optional.of(Fact.START_DEVICE_BAD);
    }

    @Override
    public Map<Fact, Boolean> facts(Map<String, String> seen, UnitSpot spot) {
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        if (BURST.equals(seen.get(CASE))) {
            out.put(Fact.START_DEVICE_BAD, true);
        }
        String second = seen.get(SECOND);
        if (second != null) {
            out.put(Fact.TWO_START_DEVICES, second.equals(TWO));
        }
        return out;
    }

    @Override
    public String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.text("type").ifPresent(t -> out.add(words(t)));
        band(spec, "tons", "ton").ifPresent(out::add);
        band(spec, "volts", "V").ifPresent(out::add);
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    private static String words(String type) {
        return type.equals("PTC")
                ? "PTC"
                : zestbench.core.quantity.Letters.small(type).replace('_', ' ');
    }

    private static Optional<String> band(Spec spec, String name, String unit) {
        Optional<Double> low = spec.number(name + "Low");
        Optional<Double> high = spec.number(name + "High");
        return low.isEmpty() || high.isEmpty()
                ? Optional.empty()
                : Optional.of(Figures.plain(low.get()) + (low.equals(high) ? "" : "–" + Figures.plain(high.get())) + " "
                        + unit);
    }

    /** Cold a PTC has a few ohms; hot it says nothing. */
    @Override
    public Judgement judge(TestRequest request) {
        InputProblem.require(!request.readings().isEmpty(), "readings", "none", "give its ohms, cold");
        List<Judged> verdicts = new ArrayList<>();
        for (TestRequest.SectionReading taken : request.readings()) {
            InputProblem.require(
                    taken.reading().quantity() == Quantity.OHMS,
                    "readings",
                    taken.reading().text(),
                    "it is read in ohms, cold");
            boolean isOpen = !taken.reading().isFigure();
            double ohms = taken.reading().value();
            Verdict verdict = isOpen ? Verdict.FAILED : ohms > COLD_OHMS ? Verdict.TOO_CLOSE : Verdict.GOOD;
            verdicts.add(new Judged(
                    OHMS,
                    verdict,
                    taken.reading(),
                    request.meter().uncertaintyOf(taken.reading()),
                    null,
                    null,
                    Reckoning.of(
                            Mark.PRACTICE,
                            isOpen
                                    ? "Open when cold: it never starts anything."
                                    : "{} Ω; cold it has a few, hot it says nothing: let it cool 3 to 5 min.",
                            ohms)));
        }
        return Judgement.of(verdicts, List.of(Finding.info("It must cool 3 to 5 min before it works again.")));
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        return Offers.graded(
                request,
                List.of(Finding.caution(
                        "One start device in a circuit: look for a second one before another goes in.")),
                new Offers.Way(
                        spec -> SpecPair.by(RULES, request, spec),
                        this::shortText,
                        spec -> spec.number("tonsHigh").orElse(0.0)
                                - spec.number("tonsLow").orElse(0.0),
                        1));
    }

    private static void phase(SpecPair p) {
        double phase = p.circuit.phase() != null
                ? p.circuit.phase()
                : p.circuit.plate().number("phase").orElse(1.0);
        if (phase == 3) {
            p.add(
                    "phase",
                    "3",
                    "single-phase",
                    REFUSED,
                    Mark.PRACTICE,
                    "never on a three-phase compressor or behind an inverter");
        }
    }

    private static void type(SpecPair p) {
        Optional<String> old = p.needed.text("type");
        Optional<String> now = p.offered.text("type");
        String wanted = old.map(StartDeviceFamily::words).orElse(NOT_ON_LABEL);
        String given = now.map(StartDeviceFamily::words).orElse(NOT_ON_LABEL);
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Which kind is it: PTC, potential relay, solid state?");
            p.add("type", wanted, given, UNDECIDED, Mark.PRACTICE, "the kind has to be known");
            return;
        }
        boolean same = old.equals(now);
        boolean wasRelay = isBareRelay(p.needed);
        if (wasRelay && same) {
            relayVolts(p);
        }
        if (!same) {
            p.change(
                    isBareRelay(p.offered)
                            ? "Another kind: 5, 2 and 1 of its relay and a start capacitor, by its own drawing."
                            : "Another kind: two wires, in parallel with the run capacitor, HERM to C.");
        }
        p.add(
                "type",
                wanted,
                given,
                same ? LIKE_FOR_LIKE : wasRelay ? UNDECIDED : NEEDS_CHANGE,
                Mark.PRACTICE,
                same
                        ? "same kind"
                        : wasRelay
                                ? "a factory potential relay is replaced by its equal"
                                : "another kind, with wires of its own");
    }

    /** A relay without its capacitor in the same case: three terminals, made for one compressor. */
    private static boolean isBareRelay(Spec spec) {
        return spec.text("type").filter("POTENTIAL_RELAY"::equals).isPresent()
                && !spec.flag("kit").orElse(false);
    }

    /** In place of a factory potential relay pick-up, drop-out and continuous volts are equal. [practice] */
    private static void relayVolts(SpecPair p) {
        for (String volts : RELAY_VOLTS) {
            FieldRule.equal(volts, "V", Mark.PRACTICE, "equal", "a factory potential relay is replaced by its equal")
                    .unsaid(FieldRule.Unsaid.UNDECIDED, RELAY_QUESTION)
                    .accept(p);
        }
        if (RELAY_VOLTS.stream().noneMatch(p.needed::has)) {
            p.ask(RELAY_QUESTION);
        }
    }

    /** The band covers the line; where that was not measured, the old one's band. */
    private static void volts(SpecPair p) {
        Double line = p.circuit.lineVolts() != null
                ? p.circuit.lineVolts()
                : p.circuit.plate().numbers("volts").stream()
                        .max(Double::compare)
                        .orElse(null);
        Optional<Double> low = p.offered.number("voltsLow");
        Optional<Double> high = p.offered.number("voltsHigh");
        Optional<Double> from = line != null ? Optional.of(line) : p.needed.number("voltsLow");
        Optional<Double> to = line != null ? Optional.of(line) : p.needed.number("voltsHigh");
        String wanted = line != null
                ? Figures.plain(line) + " V"
                : band(p.needed, "volts", "V").orElse(NOT_ON_LABEL);
        String given = band(p.offered, "volts", "V").orElse(NOT_ON_LABEL);
        if (low.isEmpty() || high.isEmpty() || from.isEmpty() || to.isEmpty()) {
            boolean isNewSilent = low.isEmpty() || high.isEmpty();
            p.ask(isNewSilent ? "Which volts is it made for?" : "Measure the line: its band has to cover it.");
            p.add("volts", wanted, given, UNDECIDED, Mark.PRACTICE, "its volts have to be known: too few burst it");
            return;
        }
        boolean covers = low.get() * (1 - VOLTS_WITHIN) <= from.get() && high.get() * (1 + VOLTS_WITHIN) >= to.get();
        p.add(
                "volts",
                wanted,
                given,
                covers ? LIKE_FOR_LIKE : REFUSED,
                Mark.PRACTICE,
                covers
                        ? line != null ? "its band covers the line" : "its band covers the old one's"
                        : line != null ? "the line is outside its band" : "outside the old one's band");
    }

    /** Tons of the compressor it starts; where the plate does not tell them, the old one's band. */
    private static void tons(SpecPair p) {
        int compressors = Math.max(1, p.circuit.plate().rows("compressors").size());
        double unit = PlateFacts.of(p.circuit.plate()).tons() / compressors;
        Optional<Double> low = p.offered.number("tonsLow");
        Optional<Double> high = p.offered.number("tonsHigh");
        Optional<Double> oldLow = p.needed.number("tonsLow");
        Optional<Double> oldHigh = p.needed.number("tonsHigh");
        String wanted = unit > 0
                ? Figures.plain(Figures.tidy(unit)) + " ton" + (compressors > 1 ? " each" : "")
                : band(p.needed, "tons", "ton").orElse(NOT_ON_LABEL);
        String given = band(p.offered, "tons", "ton").orElse(NOT_ON_LABEL);
        if (low.isEmpty() || high.isEmpty() || (unit <= 0 && (oldLow.isEmpty() || oldHigh.isEmpty()))) {
            p.ask("How many tons has the unit, and which are printed on it?");
            p.add("tons", wanted, given, UNDECIDED, Mark.PRACTICE, "its band has to hold the unit's size");
            return;
        }
        double from = unit > 0 ? unit : oldLow.orElse(0.0);
        double to = unit > 0 ? unit : oldHigh.orElse(0.0);
        boolean holds = low.get() <= from + SAME && high.get() >= to - SAME;
        boolean overlaps = unit <= 0 && low.get() <= to + SAME && high.get() >= from - SAME;
        boolean same = low.equals(oldLow) && high.equals(oldHigh);
        if (!holds && overlaps) {
            p.ask("How many tons has the unit? This one covers only some of what the old one did.");
        }
        p.add(
                "tons",
                wanted,
                given,
                holds ? same ? LIKE_FOR_LIKE : SUITABLE : overlaps ? UNDECIDED : REFUSED,
                Mark.PRACTICE,
                holds
                        ? "its band holds the unit's size"
                        : overlaps
                                ? "a narrower band: the unit's size decides"
                                : "its band does not hold the unit's size");
    }

    @Override
    public List<String> terminals(Spec spec) {
        return isBareRelay(spec) ? List.of("1", "2", "5") : List.of("1", "2");
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        Spec now = request.pieces().get(0);
        List<String> terminals = terminals(now);
        BlockSheet sheet = new BlockSheet(
                shortText(request.old()), terminals(request.old()), shortText(now), terminals, request.wires());
        List<Step> after = new ArrayList<>();
        if (terminals.size() == 2) {
            after.add(new Step(
                    "place",
                    "",
                    "",
                    "One wire on HERM of the run capacitor, one on its C: the compressor's S to R, never S to common"));
        } else {
            after.add(
                    new Step(
                            "place",
                            "",
                            "",
                            "5 to the compressor's common, 2 to S, 1 through the start capacitor to R: its own drawing comes first"));
        }
        after.add(new Step("only", "", "", "No second start device is left in the circuit"));
        return sheet.sheet(t -> terminals.contains(t) ? t : "", after);
    }

    @Override
    public Proof proof(HookupRequest request) {
        return new Proof(
                List.of(
                        new Check("wires", "Wires as on the hook-up sheet, across the run capacitor"),
                        new Check("single", "One start device in the circuit"),
                        new Check("strap", "Strapped clear of coils and lines, panel on")),
                List.of(
                        new Check("starts", "Starts at once, and again after 5 min"),
                        new Check("drops", "Out of the circuit once it runs: amps as before")),
                List.of());
    }
}
