package zestbench.core.heater;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;
import zestbench.core.family.Comparison;
import zestbench.core.family.EachOf;
import zestbench.core.family.Family;
import zestbench.core.family.FieldRule;
import zestbench.core.family.FieldRule.Unsaid;
import zestbench.core.family.FlammableRefrigerant;
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
import zestbench.core.judgement.Guard;
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
import zestbench.core.winding.Insulation;
import zestbench.core.winding.PairOhms;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Crankcase heaters as a family: the same volts, and no more heat than a tenth over the old one. */
public final class HeaterFamily extends LabelledFamily {
    static final List<Attribute> ATTRIBUTES = List.of(
            Attribute.number("volts", "Volts", "V", "beside VOLTS")
                    .usually("240 V")
                    .as(Type.NUMBERS)
                    .deciding(),
            Attribute.number("watts", "Watts", "W", "beside WATTS").deciding(),
            Attribute.choice("element", "Element", "PTC where it says so", "FIXED", "PTC"),
            Attribute.choice(
                    "form", "Form", "seen on it: a band around the shell, or a rod in a well", "BAND", "INSERT"));

    private static final String HEATER = "HEATER";
    private static final List<String> SECTIONS = List.of(HEATER, PairOhms.GROUND);
    /** Of a wire element's ohms about V² ÷ W. [practice] */
    private static final double TOLERANCE = 0.10;
    /** So much more heat than the old one's is allowed. [practice] */
    private static final double MOST_MORE = 0.10;

    private static final String WARM = "WARM";
    private static final List<Look> LOOKS = List.of(new Look(
            WARM,
            "Shell at its foot, compressor off for an hour",
            false,
            List.of(
                    new Seen("warm", "warmer than the air", Verdict.GOOD, "", Mark.PRACTICE).live(),
                    new Seen(
                                    "cold",
                                    "as cold as the air",
                                    Verdict.WEAK,
                                    "No heat reaches the oil: volts at the heater first, then its ohms.",
                                    Mark.PRACTICE)
                            .live())));

    private static final List<Consumer<? super SpecPair>> RULES = List.of(
            new EachOf(
                    "volts",
                    "V",
                    Mark.PHYSICS,
                    "made for the same volts",
                    "made for these volts too",
                    "heat goes with the square of the volts: on another voltage it is another heater",
                    "For which volts is {silent} made?"),
            HeaterFamily::watts,
            FieldRule.equal("form", "", Mark.PRACTICE, "sits as the old one", "does not sit as the old one")
                    .unsaid(Unsaid.SHOWN, "Does the old one sit as a band around the shell, or in a well?"),
            FieldRule.equal("element", "", Mark.PRACTICE, "same kind of element", "another kind of element")
                    .fitting("Another kind of element, {new}: its own sheet says for which shells it is made.")
                    .unsaid(Unsaid.PASSED, ""),
            p -> FlammableRefrigerant.rule(p, "heater"));

    public static final Family FAMILY = new HeaterFamily();

    private HeaterFamily() {
        super(HeaterLabel.KIND, "Crankcase heater", "CH", ATTRIBUTES, () -> HeaterLabel.GRAMMAR);
    }

    @Override
    public String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.number("watts").ifPresent(w -> out.add(Figures.plain(w) + " W"));
        if (!spec.numbers("volts").isEmpty()) {
            out.add(words(spec.numbers("volts")) + " V");
        }
        spec.text("element").filter("PTC"::equals).ifPresent(out::add);
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    private static String words(List<Double> volts) {
        return String.join("/", volts.stream().map(Figures::plain).toList());
    }

    @Override
    public List<String> sections(Spec spec) {
        return SECTIONS;
    }

    @Override
    public String called(String section) {
        return section.equals(HEATER) ? "" : "to ground";
    }

    @Override
    public SectionReading named(GivenReading given) {
        return new SectionReading(given.section() == null ? HEATER : given.section(), given.ohms("ohms"));
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    /** R = V² ÷ W. [physics] Of two printed voltages the watts may be those of either. */
    private static Optional<Limits> ohms(Spec spec) {
        List<Double> volts = spec.numbers("volts");
        Optional<Double> watts = spec.number("watts").filter(w -> w > 0);
        if (volts.isEmpty() || watts.isEmpty()) {
            return Optional.empty();
        }
        double low = volts.stream().mapToDouble(v -> v).min().orElseThrow();
        double high = volts.stream().mapToDouble(v -> v).max().orElseThrow();
        return Optional.of(new Limits(low * low / watts.get(), high * high / watts.get()));
    }

    @Override
    public Judgement judge(TestRequest request) {
        InputProblem.require(!request.readings().isEmpty(), "readings", "none", "give its ohms");
        List<Judged> verdicts = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (SectionReading taken : request.readings()) {
            String section = taken.section() == null ? HEATER : taken.section();
            InputProblem.require(
                    SECTIONS.contains(section) && taken.reading().quantity() == Quantity.OHMS,
                    "readings",
                    section + " " + taken.reading().text(),
                    "give ohms, of " + String.join(" or ", SECTIONS));
            verdicts.add(
                    section.equals(HEATER)
                            ? element(taken.reading(), request)
                            : Insulation.judge(
                                            new PairOhms(HEATER, PairOhms.GROUND, taken.reading(), 0),
                                            request.meter(),
                                            findings)
                                    .of(PairOhms.GROUND));
        }
        return Judgement.of(verdicts, findings);
    }

    private static Judged element(Reading reading, TestRequest request) {
        Spec spec = request.spec();
        double doubt = reading.isFigure() ? request.meter().uncertaintyOf(reading) : 0;
        if (!reading.isFigure()) {
            return judged(Verdict.FAILED, reading, doubt, Mark.PRACTICE, "No path through it: the element is open.");
        }
        if (spec.text("element").filter("PTC"::equals).isPresent()) {
            return judged(
                    Verdict.NOT_JUDGED,
                    reading,
                    doubt,
                    Mark.PRACTICE,
                    "{} Ω: not open. A PTC element changes its ohms as it warms, so they say no more; feel it warm, or read its amps.",
                    reading.value());
        }
        Optional<Limits> made = ohms(spec);
        if (made.isEmpty()) {
            return judged(
                    Verdict.NOT_JUDGED,
                    reading,
                    doubt,
                    Mark.PHYSICS,
                    "{} Ω: not open. Its volts and watts say what it should have: V² ÷ W.",
                    reading.value());
        }
        Limits limits =
                new Limits(made.get().low() * (1 - TOLERANCE), made.get().high() * (1 + TOLERANCE));
        boolean isOne = Math.abs(made.get().high() - made.get().low()) < Figures.SAME;
        double rated = made.get().high();
        Reckoning why = isOne
                ? Reckoning.of(
                        Mark.PHYSICS,
                        "V² ÷ W = {}² ÷ {} = {} Ω, a tenth to each side.",
                        spec.numbers("volts").get(0),
                        spec.number("watts").orElse(0.0),
                        Figures.fixed(rated, 0))
                : Reckoning.of(
                        Mark.PHYSICS,
                        "V² ÷ W = {} Ω to {} Ω, by the volts its watts are given for; a tenth to each side.",
                        Figures.fixed(made.get().low(), 0),
                        Figures.fixed(rated, 0));
        return new Judged(
                HEATER,
                Guard.judge(reading.value(), limits, doubt),
                reading,
                doubt,
                isOne ? Double.valueOf(rated) : null,
                limits,
                why);
    }

    private static Judged judged(
            Verdict verdict, Reading reading, double doubt, Mark mark, String pattern, Object... values) {
        return new Judged(HEATER, verdict, reading, doubt, null, null, Reckoning.of(mark, pattern, values));
    }

    @Override
    public Optional<Double> rated(Spec spec, String section) {
        return section.equals(HEATER)
                ? ohms(spec)
                        .filter(l -> Math.abs(l.high() - l.low()) < Figures.SAME)
                        .map(Limits::low)
                : Optional.empty();
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        double old = request.required().number("watts").orElse(0.0);
        return Offers.graded(
                request,
                List.of(),
                new Offers.Way(
                        spec -> SpecPair.by(RULES, request, spec),
                        this::shortText,
                        spec -> Math.abs(spec.number("watts").orElse(0.0) - old),
                        1));
    }

    private static void watts(SpecPair p) {
        Optional<Double> old = p.needed.number("watts");
        Optional<Double> now = p.offered.number("watts");
        String wanted = Comparison.worded(old, "W");
        String given = Comparison.worded(now, "W");
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("How many watts has " + (old.isEmpty() ? "the old one? V² ÷ its ohms tells it" : "the new one")
                    + "?");
            p.add("watts", wanted, given, Grade.UNDECIDED, Mark.PRACTICE, "the watts have to be known");
            return;
        }
        List<Double> oldVolts = p.needed.numbers("volts");
        List<Double> newVolts = p.offered.numbers("volts");
        if (oldVolts.size() + newVolts.size() > 2 && !oldVolts.equals(newVolts)) {
            p.ask("At which of its volts has "
                    + (newVolts.size() > 1 ? "the new one " + given : "the old one " + wanted) + "?");
            p.add(
                    "watts",
                    wanted,
                    given,
                    Grade.UNDECIDED,
                    Mark.PHYSICS,
                    "heat goes with the square of the volts, and two are printed");
            return;
        }
        double most = old.get() * (1 + MOST_MORE);
        double least = old.get() * (1 - MOST_MORE);
        if (now.get() > most + Figures.SAME) {
            p.add(
                    "watts",
                    wanted,
                    given,
                    Grade.REFUSED,
                    Mark.PRACTICE,
                    "over {} W: it cooks the oil",
                    Figures.tidy(most));
        } else if (now.get() < least - Figures.SAME) {
            p.ask("Does the compressor's sheet allow as little as " + given + "?");
            p.add(
                    "watts",
                    wanted,
                    given,
                    Grade.UNDECIDED,
                    Mark.PRACTICE,
                    "less than {} W: it may not keep the refrigerant out of the oil",
                    Figures.tidy(least));
        } else {
            boolean isSame = Math.abs(now.get() - old.get()) < Figures.SAME;
            p.add(
                    "watts",
                    wanted,
                    given,
                    isSame ? Grade.LIKE_FOR_LIKE : Grade.SUITABLE,
                    Mark.PRACTICE,
                    isSame ? "same heat" : "within a tenth");
        }
        Double line = p.circuit.lineVolts();
        List<Double> made = p.offered.numbers("volts");
        if (line != null && !made.isEmpty()) {
            double rated = made.get(made.size() - 1);
            p.finding(Finding.info(
                    "On {} V it gives {} W: heat goes with the square of the volts.",
                    line,
                    Figures.fixed(now.get() * square(line / rated), 0)));
        }
    }

    private static double square(double ratio) {
        return ratio * ratio;
    }

    @Override
    public List<String> terminals(Spec spec) {
        return usualTerminals();
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("1", "2");
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        Spec now = request.pieces().get(0);
        return new BlockSheet(
                        shortText(request.old()), usualTerminals(), shortText(now), usualTerminals(), request.wires())
                .sheet(
                        t -> usualTerminals().contains(t) ? t : "",
                        List.of(
                                new Step(
                                        "shell",
                                        "",
                                        "",
                                        "On a clean shell below the oil level, tight all round; its lead clear of the discharge line")));
    }

    @Override
    public PartProof proof(HookupRequest request) {
        return new PartProof(
                List.of(
                        new Check(
                                "wires", "Wires as on the hook-up sheet, on the leg that stays live or its own supply"),
                        new Check("tight", "Tight on the shell, not on paint or rust"),
                        new Check("panel", "Panel on")),
                List.of(new Check("warm", "Warm, or its amps read, before the compressor is started")),
                List.of());
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case TEST ->
                Optional.of(Help.of(
                        "What should it read?",
                        Help.physics("V² ÷ W: 240 V and 70 W make 823 Ω. A PTC element goes by no figure."),
                        Help.practice("To ground it has no path. One that is grounded takes the breaker with it.")));
            case MATCH ->
                Optional.of(
                        Help.of(
                                "Why not simply more watts?",
                                Help.practice("Up to a tenth more than the old one: more cooks the oil."),
                                Help.physics(
                                        "Heat goes with the square of the volts: 240 V on 208 gives 75 %, 120 V on 240 four times.")));
            default -> Optional.empty();
        };
    }
}
