package zestbench.core.overload;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.contact.ContactOhms;
import zestbench.core.family.Attribute;
import zestbench.core.family.Comparison;
import zestbench.core.family.Family;
import zestbench.core.family.FieldRule;
import zestbench.core.family.FieldRule.Unsaid;
import zestbench.core.family.GivenReading;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.LabelledFamily;
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
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.help.Help;
import zestbench.core.help.Topic;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Overload relays as a family: set to the motor's full-load amps, in a range that holds them, tripping in the same class. */
public final class OverloadFamily extends LabelledFamily {
    static final List<Attribute> ATTRIBUTES = List.of(
            Attribute.number("lowAmps", "Set from", "A", "the range of its dial")
                    .deciding(),
            Attribute.number("highAmps", "to", "A", "the range of its dial").deciding(),
            Attribute.number("setAmps", "Its dial stands at", "A", "where the mark points"),
            Attribute.number("motorFullLoadAmps", "The motor's FLA", "A", "on the motor's own plate"),
            Attribute.number("tripClass", "Trip class", "", "behind CLASS"),
            Attribute.choice("element", "Works by", "by its words", "THERMAL", "ELECTRONIC"),
            Attribute.choice("reset", "Reset", "the M/A switch on its face", "MANUAL", "AUTOMATIC"),
            Attribute.number("poles", "Poles", "", "the wires through it"),
            Attribute.number("contactVolts", "Contact volts", "V", "beside 95–96"));

    private static final String CONTACT = "95–96";
    private static final String SETTING = "SETTING";
    private static final List<String> SECTIONS = List.of(CONTACT, SETTING);
    private static final List<String> TERMINALS = List.of("L1", "L2", "L3", "T1", "T2", "T3", "95", "96", "97", "98");

    /** The dial is turned to the motor's own amps, so near as it can be. [practice] */
    private static final double DIAL_WITHIN = 0.05;
    /** What an overload device may trip at over the FLA, where the motor has a service factor of 1.15. [NEC 430.32(A)(1)] */
    private static final double MOST = 1.25;

    private static final List<Look> LOOKS = List.of(new Look(
            "TRIPPED",
            "Its button or flag",
            true,
            List.of(
                    new Seen("set", "set", Verdict.GOOD, "", Mark.PRACTICE),
                    new Seen(
                            "tripped",
                            "had tripped",
                            Verdict.GOOD,
                            "It did its work: amps of each leg, the volts and the load come before another relay.",
                            Mark.PRACTICE),
                    new Seen(
                            "stays",
                            "cannot be set, cold",
                            Verdict.FAILED,
                            "After ten minutes of cooling it has to latch.",
                            Mark.PRACTICE))));

    private static final List<Consumer<? super SpecPair>> RULES = List.of(
            OverloadFamily::range,
            FieldRule.equal("tripClass", "", Mark.PRACTICE, "trips in the same time", "trips in another time")
                    .unsaid(Unsaid.UNDECIDED, "Which trip class has {silent}?"),
            FieldRule.atLeast("poles", "", Mark.PRACTICE, "guards every leg", "leaves a leg without its guard")
                    .unsaid(Unsaid.UNDECIDED, "How many legs go through {silent}?"),
            FieldRule.equal("reset", "", Mark.PRACTICE, "reset the same way", "reset another way")
                    .fitting(
                            "Its reset to {old}, where it has the switch for it: {new} starts the motor by itself, or does not.")
                    .unsaid(Unsaid.UNDECIDED, "Is {silent} reset by hand or by itself?"),
            FieldRule.equal("element", "", Mark.PRACTICE, "works the same way", "works another way")
                    .fitting("{new} instead of {old}: its own sheet says what it mounts on and how it is fed.")
                    .unsaid(Unsaid.PASSED, ""),
            FieldRule.atLeast("contactVolts", "V", Mark.PRACTICE, "switches these volts", "does not switch these volts")
                    .unsaid(Unsaid.SHOWN, "For which volts is its contact made?"));

    public static final Family FAMILY = new OverloadFamily();

    private OverloadFamily() {
        super(OverloadLabel.KIND, "Overload relay", "OL", ATTRIBUTES, () -> OverloadLabel.GRAMMAR);
    }

    @Override
    public String shortText(Spec spec) {
        Optional<Double> low = spec.number("lowAmps");
        Optional<Double> high = spec.number("highAmps");
        List<String> out = new ArrayList<>();
        high.ifPresent(h -> out.add(low.map(l -> Figures.plain(l) + "–").orElse("") + Figures.plain(h) + " A"));
        spec.number("tripClass").ifPresent(c -> out.add("class " + Figures.plain(c)));
        spec.number("setAmps").ifPresent(a -> out.add("set at " + Figures.plain(a) + " A"));
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    @Override
    public List<String> sections(Spec spec) {
        return SECTIONS;
    }

    @Override
    public List<String> asked(Spec spec) {
        return List.of(CONTACT, SETTING, "TRIPPED");
    }

    @Override
    public Quantity quantity(String section) {
        return section.equals(SETTING) ? Quantity.AMPS : Quantity.OHMS;
    }

    @Override
    public String called(String section) {
        return section.equals(SETTING) ? "its dial" : section;
    }

    @Override
    public boolean isLive(String section, double volts) {
        return false;
    }

    @Override
    public SectionReading named(GivenReading given) {
        String section = given.section() == null ? CONTACT : given.section();
        return section.equals(SETTING)
                ? new SectionReading(
                        section,
                        Reading.of(
                                Quantity.AMPS,
                                InputProblem.given(given.figures().get("amps"), "amps", "give what its dial says"),
                                given.resolution()))
                : new SectionReading(section, given.ohms("ohms"));
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public Judgement judge(TestRequest request) {
        InputProblem.require(!request.readings().isEmpty(), "readings", "none", "give the ohms of 95–96, or its dial");
        List<Judged> verdicts = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (SectionReading taken : request.readings()) {
            if (SETTING.equals(taken.section())) {
                verdicts.add(setting(taken.reading(), request.spec()));
            } else {
                ContactOhms.checked(taken, List.of(CONTACT));
                if (!ContactOhms.isClosed(taken.reading())) {
                    findings.add(
                            Finding.caution(
                                    "Open: it may have tripped. Amps and volts first, then let it cool, set it and read again."));
                }
                verdicts.add(
                        ContactOhms.isClosed(taken.reading())
                                ? ContactOhms.closed(CONTACT, taken.reading(), request, "")
                                : ContactOhms.judged(
                                        CONTACT,
                                        Verdict.TOO_CLOSE,
                                        taken.reading(),
                                        request,
                                        "Open, and it may only wait for its reset."));
            }
        }
        return Judgement.of(verdicts, findings);
    }

    private static Judged setting(Reading reading, Spec spec) {
        InputProblem.require(
                reading.quantity() == Quantity.AMPS && reading.isFigure() && reading.value() > 0,
                "readings",
                SETTING + " " + reading.text(),
                "give the amps its dial stands at");
        Optional<Double> motor = spec.number("motorFullLoadAmps").filter(a -> a > 0);
        if (motor.isEmpty()) {
            return new Judged(
                    SETTING,
                    Verdict.NOT_JUDGED,
                    reading,
                    0,
                    null,
                    null,
                    Reckoning.of(Mark.PRACTICE, "The motor's own FLA says where its dial belongs."));
        }
        double rated = motor.get();
        Limits limits = new Limits(rated * (1 - DIAL_WITHIN), rated * (1 + DIAL_WITHIN));
        double set = reading.value();
        boolean isOver = set > MOST * rated;
        return new Judged(
                SETTING,
                limits.contains(set) ? Verdict.GOOD : isOver ? Verdict.FAILED : Verdict.WEAK,
                reading,
                0,
                rated,
                limits,
                isOver
                        ? Reckoning.of(
                                Mark.standard("NEC 430.32(A)(1)"),
                                "{} A on a motor of {} A FLA is over 125 %: it does not guard it.",
                                set,
                                rated)
                        : Reckoning.of(
                                Mark.PRACTICE,
                                set > limits.high()
                                        ? "{} A on a motor of {} A FLA: the dial is set to the FLA, its class adds the rest. By its own sheet."
                                        : set < limits.low()
                                                ? "{} A on a motor of {} A FLA: it trips before the motor is loaded."
                                                : "{} A on a motor of {} A FLA: as it should be.",
                                set,
                                rated));
    }

    @Override
    public Optional<Double> rated(Spec spec, String section) {
        return section.equals(SETTING) ? spec.number("motorFullLoadAmps") : Optional.empty();
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        double wanted = wanted(request.required()).orElse(0.0);
        return Offers.graded(
                request,
                List.of(),
                new Offers.Way(
                        spec -> SpecPair.by(RULES, request, spec),
                        this::shortText,
                        // the motor's amps in the middle of the dial are the easiest to set
                        spec -> Math.abs((spec.number("lowAmps").orElse(0.0)
                                                + spec.number("highAmps").orElse(0.0))
                                        / 2
                                - wanted),
                        1));
    }

    /** What it is to be set to: the motor's FLA, or where the old one stood. */
    private static Optional<Double> wanted(Spec spec) {
        return spec.number("motorFullLoadAmps").or(() -> spec.number("setAmps"));
    }

    private static void range(SpecPair p) {
        Optional<Double> set = wanted(p.needed);
        Optional<Double> low = p.offered.number("lowAmps");
        Optional<Double> high = p.offered.number("highAmps");
        String given = Comparison.worded(low, "") + " to " + Comparison.worded(high, "A");
        if (set.isEmpty() || low.isEmpty() || high.isEmpty()) {
            p.ask(
                    set.isEmpty()
                            ? "How many amps FLA has the motor it guards?"
                            : "From how many to how many amps is it set?");
            p.add(
                    "highAmps",
                    Comparison.worded(set, "A"),
                    given,
                    Grade.UNDECIDED,
                    Mark.PRACTICE,
                    "the motor's amps and the range have to be known");
            return;
        }
        boolean holds = low.get() <= set.get() + Figures.SAME && high.get() >= set.get() - Figures.SAME;
        boolean isSame = low.equals(p.needed.number("lowAmps")) && high.equals(p.needed.number("highAmps"));
        p.add(
                "highAmps",
                Figures.plain(set.get()) + " A",
                given,
                !holds ? Grade.REFUSED : isSame ? Grade.LIKE_FOR_LIKE : Grade.SUITABLE,
                Mark.standard("NEC 430.32(A)(1)"),
                holds ? "set to {} A, in its range" : "{} A is not in its range",
                set.get());
    }

    @Override
    public List<String> terminals(Spec spec) {
        return TERMINALS;
    }

    @Override
    public List<String> usualTerminals() {
        return TERMINALS;
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        Spec now = request.pieces().get(0);
        String dial = wanted(request.old())
                .map(a -> "Dial to " + Figures.plain(a) + " A")
                .orElse("Dial to the motor's FLA");
        return new BlockSheet(shortText(request.old()), TERMINALS, shortText(now), TERMINALS, request.wires())
                .sheet(
                        t -> TERMINALS.contains(t) ? t : "",
                        List.of(
                                new Step("dial", "", "", dial + ", class and reset as on the old one"),
                                new Step(
                                        "contact",
                                        "",
                                        "",
                                        "95–96 in the coil's circuit: open, it drops the contactor out")));
    }

    @Override
    public PartProof proof(HookupRequest request) {
        return new PartProof(
                List.of(
                        new Check("wires", "Wires as on the hook-up sheet, every power screw tight"),
                        new Check("dial", "Dial at the motor's FLA"),
                        new Check("test", "Its test drops the contactor out, its reset lets it in")),
                List.of(new Check("holds", "Holds through ten minutes at running amps, each leg read")),
                List.of());
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case TEST ->
                Optional.of(Help.of(
                        "Why its dial?",
                        Help.standard(
                                "NEC 430.32(A)(1)",
                                "A motor's overload device trips at 125 % of FLA at the most, 115 % without a service factor of 1.15."),
                        Help.practice("The dial is turned to the FLA itself; the relay's class adds the rest.")));
            case MATCH ->
                Optional.of(
                        Help.of(
                                "Why the same class?",
                                Help.practice(
                                        "Class 10 trips within 10 s at six times its setting, class 20 within 20 s: a heavy start needs its time.")));
            default -> Optional.empty();
        };
    }
}
