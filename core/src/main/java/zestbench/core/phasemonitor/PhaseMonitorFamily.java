package zestbench.core.phasemonitor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.contact.ContactForm;
import zestbench.core.contact.ContactOhms;
import zestbench.core.contact.ContactRules;
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
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Phase monitors as a family: made for the line, the same contacts, set as the old one stood. */
public final class PhaseMonitorFamily extends LabelledFamily {
    static final List<Attribute> ATTRIBUTES = List.of(
            Attribute.number("lowVolts", "Made for", "V", "the least of its range")
                    .deciding(),
            Attribute.number("highVolts", "to", "V", "the most of its range").deciding(),
            Attribute.number("setVolts", "Set to", "V", "where its dial stands"),
            Attribute.number("setUnbalancePercent", "Unbalance set to", "%", "where its dial stands"),
            Attribute.number("setDelaySeconds", "Delay set to", "s", "where its dial stands"),
            Attribute.text("contacts", "Contacts", "as SPDT, DPDT").deciding(),
            Attribute.choice("reset", "Reset", "a button, or by itself", "MANUAL", "AUTOMATIC"));

    private static final String CONTACT = "CONTACT";
    private static final List<String> SECTIONS = List.of(CONTACT);

    private static final List<Look> LOOKS = List.of(new Look(
            "LIGHT",
            "Its light, three live legs on it",
            true,
            List.of(
                    new Seen("normal", "normal", Verdict.GOOD, "", Mark.PRACTICE).live(),
                    new Seen(
                                    "fault",
                                    "fault",
                                    Verdict.GOOD,
                                    "Read three pairs and the phase order first: as long as they are out, it does its work.",
                                    Mark.PRACTICE)
                            .live(),
                    new Seen(
                                    "fault-good-line",
                                    "fault, line and order read good",
                                    Verdict.FAILED,
                                    "By what was read it should be in: its settings first, then it.",
                                    Mark.PRACTICE)
                            .live(),
                    new Seen(
                                    "dark",
                                    "dark, line good",
                                    Verdict.FAILED,
                                    "Three good pairs at its own screws and dark: it is the monitor.",
                                    Mark.PRACTICE)
                            .live())));

    private static final List<Consumer<? super SpecPair>> RULES = List.of(
            PhaseMonitorFamily::line,
            ContactRules::form,
            FieldRule.equal("reset", "", Mark.PRACTICE, "reset the same way", "reset another way")
                    .fitting("Its reset to {old}: with {new} the unit starts by itself, or does not.")
                    .unsaid(Unsaid.UNDECIDED, "Is {silent} reset by hand or by itself?"),
            PhaseMonitorFamily::settings);

    public static final Family FAMILY = new PhaseMonitorFamily();

    private PhaseMonitorFamily() {
        super(PhaseMonitorLabel.KIND, "Phase monitor", "PM", ATTRIBUTES, () -> PhaseMonitorLabel.GRAMMAR);
    }

    @Override
    public String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.number("highVolts").ifPresent(high -> out.add(range(spec) + " V"));
        spec.text("contacts").ifPresent(out::add);
        spec.number("setUnbalancePercent").ifPresent(u -> out.add("set " + Figures.plain(u) + " %"));
        spec.number("setDelaySeconds").ifPresent(s -> out.add(Figures.plain(s) + " s"));
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    private static String range(Spec spec) {
        String high = Comparison.worded(spec.number("highVolts"), "");
        return spec.number("lowVolts").map(l -> Figures.plain(l) + "–").orElse("") + high;
    }

    @Override
    public List<String> sections(Spec spec) {
        return SECTIONS;
    }

    /** Its contact shows itself by what it switches: its light decides. */
    @Override
    public List<String> asked(Spec spec) {
        return List.of("LIGHT");
    }

    @Override
    public String called(String section) {
        return "its contact";
    }

    @Override
    public SectionReading named(GivenReading given) {
        return new SectionReading(CONTACT, given.ohms("ohms"));
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public Judgement judge(TestRequest request) {
        InputProblem.require(!request.readings().isEmpty(), "readings", "none", "give the ohms of its contact");
        List<Judged> verdicts = new ArrayList<>();
        for (SectionReading taken : request.readings()) {
            ContactOhms.checked(taken, SECTIONS);
            verdicts.add(
                    ContactOhms.isClosed(taken.reading())
                            ? ContactOhms.closed(CONTACT, taken.reading(), request, "")
                            : ContactOhms.judged(
                                    CONTACT,
                                    Verdict.TOO_CLOSE,
                                    taken.reading(),
                                    request,
                                    "Open: so it should be with a fault on the line, or without power. Its light tells which."));
        }
        return Judgement.of(
                verdicts,
                List.of(Finding.info("Its contact wires off: across them ohms mean nothing with 24 V there.")));
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        return Offers.graded(
                request,
                List.of(),
                new Offers.Way(
                        spec -> SpecPair.by(RULES, request, spec),
                        this::shortText,
                        spec -> spec.number("highVolts").orElse(0.0)
                                - spec.number("lowVolts").orElse(0.0),
                        1));
    }

    /** Its range has to hold what the old one stood for: where it was set, or its whole range. */
    private static void line(SpecPair p) {
        Optional<Double> volts = Optional.ofNullable(p.circuit.lineVolts()).or(() -> p.needed.number("setVolts"));
        Optional<Double> low = p.offered.number("lowVolts");
        Optional<Double> high = p.offered.number("highVolts");
        String given = low.isEmpty() && high.isEmpty() ? Comparison.worded(high, "V") : range(p.offered) + " V";
        double least = volts.or(() -> p.needed.number("lowVolts")).orElse(0.0);
        double most = volts.or(() -> p.needed.number("highVolts")).orElse(0.0);
        String wanted = volts.map(v -> Figures.plain(v) + " V")
                .orElse(most > 0 ? range(p.needed) + " V" : Comparison.worded(volts, "V"));
        if (most == 0 || low.isEmpty() || high.isEmpty()) {
            p.ask(
                    most == 0
                            ? "How many volts has the line it watches?"
                            : "From how many to how many volts is it made?");
            p.add("highVolts", wanted, given, Grade.UNDECIDED, Mark.PRACTICE, "line and range have to be known");
            return;
        }
        boolean holds = low.get() <= least + Figures.SAME && high.get() >= most - Figures.SAME;
        boolean isSame = low.equals(p.needed.number("lowVolts")) && high.equals(p.needed.number("highVolts"));
        p.add(
                "highVolts",
                wanted,
                given,
                !holds ? Grade.REFUSED : isSame ? Grade.LIKE_FOR_LIKE : Grade.SUITABLE,
                Mark.PRACTICE,
                holds ? "watches this line" : "is not made for this line");
    }

    /** How the old one stood goes onto the new one. */
    private static void settings(SpecPair p) {
        List<String> stood = new ArrayList<>();
        p.needed.number("setVolts").ifPresent(v -> stood.add(Figures.plain(v) + " V"));
        p.needed.number("setUnbalancePercent").ifPresent(u -> stood.add(Figures.plain(u) + " % unbalance"));
        p.needed.number("setDelaySeconds").ifPresent(s -> stood.add(Figures.plain(s) + " s delay"));
        if (stood.isEmpty()) {
            p.ask("How did the old one stand: volts, unbalance, delay?");
        } else {
            p.finding(Finding.info(
                    "Set it as the old one stood: {}. Read three pairs first: what was turned up to hide a bad line is no setting.",
                    String.join(", ", stood)));
        }
    }

    @Override
    public List<String> terminals(Spec spec) {
        List<String> out = new ArrayList<>(List.of("L1", "L2", "L3"));
        out.addAll(spec.text("contacts")
                .flatMap(ContactForm::of)
                .map(ContactForm::terminals)
                .orElse(List.of("COM", "NO", "NC")));
        return out;
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("L1", "L2", "L3", "COM", "NO", "NC");
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        Spec now = request.pieces().get(0);
        List<String> terminals = terminals(now);
        return new BlockSheet(
                        shortText(request.old()), terminals(request.old()), shortText(now), terminals, request.wires())
                .sheet(
                        t -> terminals.contains(t) ? t : "",
                        List.of(
                                new Step("order", "", "", "L1, L2, L3 in the order they were: it watches that too"),
                                new Step("dials", "", "", "Its dials as the old one's stood")));
    }

    @Override
    public PartProof proof(HookupRequest request) {
        return new PartProof(
                List.of(
                        new Check("wires", "Wires as on the hook-up sheet, the three legs in their order"),
                        new Check("dials", "Volts, unbalance and delay set")),
                List.of(
                        new Check("in", "Its light normal, its contact in after the delay"),
                        new Check("out", "A leg off at the disconnect drops it out, with nobody near the blade")),
                List.of());
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case TEST ->
                Optional.of(Help.of(
                        "Is it the monitor or the line?",
                        Help.practice("Three pairs and the phase order first: a monitor in fault is mostly right.")));
            case MATCH ->
                Optional.of(
                        Help.of(
                                "Why its settings?",
                                Help.practice(
                                        "What the old one stood at was set for this line; the bench works out settings from three read pairs, under Supply.")));
            default -> Optional.empty();
        };
    }
}
