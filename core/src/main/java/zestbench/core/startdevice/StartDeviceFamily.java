package zestbench.core.startdevice;

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
import zestbench.core.family.UnitSpot;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelGrammar;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
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

    private static final String OHMS = "OHMS, COLD";
    /** Of a bare potential relay: its contact is closed at rest, its coil has some thousand ohms. */
    private static final String CONTACT = "CONTACT 1-2";

    private static final String COIL = "COIL 2-5";

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
                                    .cooling(StartDeviceLimits.COOL_MINUTES),
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
        if (spec.isEmpty()) {
            return List.of();
        }
        return StartDeviceRules.isBareRelay(spec) ? List.of(CONTACT, COIL) : List.of(OHMS);
    }

    @Override
    public List<String> asked(Spec spec) {
        return StartDeviceRules.isBareRelay(spec) ? List.of(CONTACT, COIL, SECOND) : List.of(OHMS, SECOND);
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
        spec.text("type").ifPresent(t -> out.add(StartDeviceRules.words(t)));
        StartDeviceRules.band(spec, "tons", "ton").ifPresent(out::add);
        StartDeviceRules.band(spec, "volts", "V").ifPresent(out::add);
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
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
            verdicts.add(judged(taken, request.meter()));
        }
        return Judgement.of(
                verdicts,
                StartDeviceRules.isBareRelay(request.spec())
                        ? List.of()
                        : List.of(Finding.info("It must cool 3 to 5 min before it works again.")));
    }

    private static Judged judged(TestRequest.SectionReading taken, Meter meter) {
        Reading reading = taken.reading();
        boolean isOpen = !reading.isFigure();
        double ohms = reading.value();
        Verdict verdict;
        String words;
        String section = taken.section() == null ? OHMS : taken.section();
        switch (section) {
            case CONTACT -> {
                verdict = isOpen ? Verdict.FAILED : ohms > StartDeviceLimits.CONTACT_OHMS ? Verdict.WEAK : Verdict.GOOD;
                words = isOpen
                        ? "Open at rest: the start capacitor never comes in."
                        : "{} Ω; at rest the contact is closed and reads near 0.";
            }
            case COIL -> {
                verdict = isOpen || ohms < StartDeviceLimits.SHORTED_COIL_OHMS ? Verdict.FAILED : Verdict.GOOD;
                words = isOpen
                        ? "Open coil: the start capacitor stays in and burns."
                        : verdict == Verdict.GOOD
                                ? "{} Ω; the coil has some thousand."
                                : "{} Ω; the coil has some thousand: shorted.";
            }
            default -> {
                verdict =
                        isOpen ? Verdict.FAILED : ohms > StartDeviceLimits.COLD_OHMS ? Verdict.TOO_CLOSE : Verdict.GOOD;
                words = isOpen
                        ? "Open when cold: it never starts anything."
                        : "{} Ω; cold it has a few, hot it says nothing: let it cool 3 to 5 min.";
            }
        }
        return new Judged(
                Set.of(CONTACT, COIL).contains(section) ? section : OHMS,
                verdict,
                reading,
                meter.uncertaintyOf(reading),
                null,
                null,
                Reckoning.of(Mark.PRACTICE, words, ohms));
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        return Offers.graded(
                request,
                List.of(Finding.caution(
                        "One start device in a circuit: look for a second one before another goes in.")),
                new Offers.Way(
                        spec -> SpecPair.by(StartDeviceRules.ALL, request, spec),
                        this::shortText,
                        spec -> spec.number("tonsHigh").orElse(0.0)
                                - spec.number("tonsLow").orElse(0.0),
                        1));
    }

    @Override
    public List<String> terminals(Spec spec) {
        return StartDeviceRules.isBareRelay(spec) ? List.of("1", "2", "5") : List.of("1", "2");
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
    public PartProof proof(HookupRequest request) {
        return new PartProof(
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
