package zestbench.core.controlswitch;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zestbench.core.contact.ContactForm;
import zestbench.core.contact.ContactOhms;
import zestbench.core.controlchain.Link;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
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
import zestbench.core.family.UnitSpot;
import zestbench.core.help.Help;
import zestbench.core.help.Topic;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Reading;
import zestbench.core.safety.Deadness;
import zestbench.core.shop.ShopRules;
import zestbench.core.suspect.Fact;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Switches that open for a cause, as a family: the same cause, the same points, reset by the same hand. */
public final class SwitchFamily extends LabelledFamily {
    static final List<Attribute> ATTRIBUTES = List.of(
            Attribute.choice(
                            "acts",
                            "Opens for",
                            "by its words, or by where it sits",
                            "HIGH_PRESSURE",
                            "LOW_PRESSURE",
                            "AIRFLOW",
                            "FLOAT",
                            "LIMIT",
                            "FREEZE")
                    .deciding(),
            Attribute.number("opensPsig", "Opens at", "psig", "beside OPENS or CUT OUT"),
            Attribute.number("closesPsig", "Closes at", "psig", "beside CLOSES or CUT IN"),
            Attribute.number("opensFahrenheit", "Opens at", "°F", "beside OPENS, or stamped as L180"),
            Attribute.number("closesFahrenheit", "Closes at", "°F", "beside CLOSES"),
            Attribute.number("opensInchesOfWater", "Opens at", "in wc", "beside OPENS"),
            Attribute.number("closesInchesOfWater", "Closes at", "in wc", "beside CLOSES"),
            Attribute.choice("reset", "Reset", "MANUAL where it has a button", "MANUAL", "AUTOMATIC"),
            Attribute.text("contacts", "Contacts", "as SPNC, SPNO, SPDT").deciding(),
            Attribute.number("contactVolts", "Contact volts", "V", "behind the contact amps"),
            Attribute.number("contactAmps", "Contact amps", "A", "beside the contact volts"),
            Attribute.choice("fitting", "Fitting", "as it sits on its line", "FLARE", "SOLDER", "THREADED"));

    private static final String GONE = "CAUSE GONE";
    private static final String THERE = "CAUSE THERE";
    private static final List<String> SECTIONS = List.of(GONE, THERE);
    private static final List<Look> LOOKS = List.of(new Look(
            "RESET",
            "Its reset button",
            false,
            List.of(
                    new Seen("none", "it has none", Verdict.GOOD, "", Mark.PRACTICE),
                    new Seen("in", "was in", Verdict.GOOD, "", Mark.PRACTICE),
                    new Seen(
                            "out",
                            "was out: it had tripped",
                            Verdict.GOOD,
                            "It did its work. Find what tripped it before it is set again.",
                            Mark.PRACTICE))));

    public static final Family FAMILY = new SwitchFamily();

    private SwitchFamily() {
        super(SwitchLabel.KIND, "Switch", "SW", ATTRIBUTES, () -> SwitchLabel.GRAMMAR);
    }

    @Override
    public String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        Acts.of(spec).map(Acts::words).ifPresent(out::add);
        for (Attribute each : ATTRIBUTES) {
            if (each.name().startsWith("opens") || each.name().startsWith("closes")) {
                String does = each.name().startsWith("opens") ? "opens " : "closes ";
                spec.number(each.name()).ifPresent(x -> out.add(does + Figures.plain(x) + " " + each.unit()));
            }
        }
        spec.text("reset").filter("MANUAL"::equals).ifPresent(r -> out.add("manual reset"));
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    @Override
    public List<String> sections(Spec spec) {
        return SECTIONS;
    }

    /** Where its cause is made by hand both ways are asked; the rest are proved to close, not to open. */
    @Override
    public List<String> asked(Spec spec) {
        return Acts.of(spec).filter(Acts::isEasilyMade).isPresent() ? SECTIONS : List.of(GONE);
    }

    @Override
    public String called(String section) {
        return section.equals(GONE) ? "cause gone" : "cause there";
    }

    @Override
    public boolean isLive(String section, double volts) {
        return volts >= Deadness.CONTROL_VOLTS;
    }

    @Override
    public SectionReading named(GivenReading given) {
        return new SectionReading(given.section() == null ? GONE : given.section(), given.ohms("ohms"));
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public Judgement judge(TestRequest request) {
        InputProblem.require(!request.readings().isEmpty(), "readings", "none", "give its ohms");
        List<Judged> verdicts = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (SectionReading taken : request.readings()) {
            String section = ContactOhms.checked(taken, SECTIONS);
            verdicts.add(
                    section.equals(GONE)
                            ? gone(taken.reading(), request, findings)
                            : there(taken.reading(), request, findings));
        }
        return Judgement.of(verdicts, findings);
    }

    private static Judged gone(Reading reading, TestRequest request, List<Finding> findings) {
        Optional<Acts> acts = Acts.of(request.spec());
        String cause = acts.map(Acts::cause).orElse("its cause");
        if (ContactOhms.isClosed(reading)) {
            boolean isBurnt = ContactOhms.isBurnt(reading);
            if (!isBurnt && acts.filter(Acts::isEasilyMade).isEmpty()) {
                findings.add(Finding.info("Closed, as it should be. At which point it opens no ohmmeter tells."));
            }
            return ContactOhms.judged(
                    GONE,
                    isBurnt ? Verdict.WEAK : Verdict.GOOD,
                    reading,
                    request,
                    isBurnt ? "{} Ω: a burnt contact drops volts under load." : "{} Ω: closed without {}.",
                    reading.value(),
                    cause);
        }
        boolean mayBeReset = acts.map(Acts::mayHaveReset).orElse(true)
                && request.spec().text("reset").filter("AUTOMATIC"::equals).isEmpty();
        if (mayBeReset) {
            findings.add(Finding.caution(
                    "Open: it may have tripped. Find why first; then press its reset, if it has one, and read again."));
            return ContactOhms.judged(
                    GONE, Verdict.TOO_CLOSE, reading, request, "Open, and it may only wait for its reset.");
        }
        findings.add(Finding.caution("A jumper across it is a test, never a repair."));
        return ContactOhms.judged(GONE, Verdict.FAILED, reading, request, "Open without {}: it fails to close.", cause);
    }

    private static Judged there(Reading reading, TestRequest request, List<Finding> findings) {
        String cause = Acts.of(request.spec()).map(Acts::cause).orElse("its cause there");
        if (!ContactOhms.isClosed(reading)) {
            return ContactOhms.judged(THERE, Verdict.GOOD, reading, request, "Opens with {}.", cause);
        }
        findings.add(Finding.caution(
                "Closed with {}: it protects nothing. The unit stays off until it is replaced.", cause));
        return ContactOhms.judged(
                THERE, Verdict.FAILED, reading, request, "{} Ω: still closed with {}.", reading.value(), cause);
    }

    @Override
    public Optional<Fact> factOf(String section, UnitSpot spot) {
        if (!section.equals(GONE)) {
            return Optional.empty();
        }
        boolean isFloat = spot.place().contains("float") || spot.place().contains("air");
        return Optional.of(isFloat ? Fact.FLOAT_OPEN : Fact.SWITCH_OPEN);
    }

    @Override
    public Optional<Link> inSeries(Spec spec) {
        return Acts.of(spec).map(Acts::inSeries);
    }

    @Override
    public Map<Fact, Boolean> facts(Map<String, String> seen, UnitSpot spot) {
        return new EnumMap<>(Fact.class);
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        double old = point(request.required());
        return Offers.graded(
                request,
                List.of(),
                new Offers.Way(
                        spec -> SpecPair.by(SwitchRules.ALL, request, spec),
                        this::shortText,
                        spec -> Math.abs(point(spec) - old),
                        1));
    }

    private static double point(Spec spec) {
        return spec.number("opensPsig")
                .or(() -> spec.number("opensFahrenheit"))
                .or(() -> spec.number("opensInchesOfWater"))
                .orElse(0.0);
    }

    private static List<String> contacts(Spec spec) {
        return spec.text("contacts")
                .flatMap(ContactForm::of)
                .map(ContactForm::terminals)
                .orElse(List.of("1", "2"));
    }

    @Override
    public List<String> terminals(Spec spec) {
        return contacts(spec);
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("1", "2");
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        Spec now = request.pieces().get(0);
        List<String> terminals = contacts(now);
        BlockSheet sheet = new BlockSheet(
                shortText(request.old()), contacts(request.old()), shortText(now), terminals, request.wires());
        sheet.step("control", "24 V stays live with the disconnect pulled: its wires off first, taped");
        List<String> was = contacts(request.old());
        return sheet.sheet(
                t -> terminals.contains(t)
                        ? t
                        : was.size() == 2 && terminals.size() == 2 && was.contains(t)
                                ? terminals.get(was.indexOf(t))
                                : "",
                List.of(new Step("numbers", "", "", "By its own drawing: which contact opens for the cause")));
    }

    @Override
    public PartProof proof(HookupRequest request) {
        List<Check> before = new ArrayList<>();
        before.add(new Check("wires", "Wires as on the hook-up sheet"));
        before.add(new Check("jumper", "No jumper left across it"));
        Acts acts = Acts.of(
                        request.pieces().isEmpty()
                                ? request.old()
                                : request.pieces().get(0))
                .orElse(Acts.LIMIT);
        if (acts == Acts.FLOAT) {
            before.add(new Check("lifted", "Lifted by hand it opens, let go it closes"));
        }
        List<Check> running = new ArrayList<>();
        if (acts == Acts.AIRFLOW) {
            running.add(new Check("air", "Closes with the blower, opens when it stops"));
        }
        running.add(new Check("cycle", "Stays closed through a whole cycle"));
        if (acts == Acts.HIGH_PRESSURE || acts == Acts.LOW_PRESSURE) {
            running.add(new Check("tight", "Its fitting is tight: bubbles or detector"));
        }
        return new PartProof(before, running, List.of());
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case TEST ->
                Optional.of(
                        Help.of(
                                "Which cause?",
                                Help.practice(
                                        "What it opens for: pressure too high or too low, no air, water, heat, frost."),
                                Help.practice(
                                        "With its cause gone it is closed; with its cause there it opens. Both are read where they can be made."),
                                Help.practice(
                                        "A jumper across it is a test, never a repair, and it stays on the bench until it is out.")));
            case MATCH ->
                Optional.of(Help.of(
                        "Why the very same points?",
                        Help.practice("It protects by where it opens: another point protects another unit."),
                        Help.practice("One that has to be reset by hand is there so that someone comes and looks.")));
            default -> Optional.empty();
        };
    }
}
