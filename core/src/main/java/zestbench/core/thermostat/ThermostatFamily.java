package zestbench.core.thermostat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.contact.ContactOhms;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;
import zestbench.core.family.EachOf;
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
import zestbench.core.judgement.Criterion;
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

/** Thermostats as a family: calls that reach their terminal, as many stages as the unit has, fed by the wires that are there. */
public final class ThermostatFamily extends LabelledFamily {
    static final List<Attribute> ATTRIBUTES = List.of(
            Attribute.number("coolStages", "Stages of cooling", "", "as 2 COOL").deciding(),
            Attribute.number("heatStages", "Stages of heat", "", "as 2 HEAT").deciding(),
            Attribute.choice(
                            "serves",
                            "For",
                            "by its words; O or B in use is a heat pump",
                            "CONVENTIONAL",
                            "HEAT_PUMP",
                            "EITHER")
                    .deciding(),
            Attribute.choice("power", "Fed by", "a wire on C, or batteries alone", "BATTERY", "C_WIRE", "EITHER"),
            Attribute.number("volts", "Volts", "V", "24 V, or the line's own")
                    .as(Type.NUMBERS)
                    .usually("24 V")
                    .deciding());

    private static final List<String> SECTIONS = List.of("R–Y", "R–G", "R–W");
    private static final List<String> TERMINALS = List.of("R", "C", "Y", "G", "W", "O/B", "Y2", "W2");
    private static final String EITHER = "EITHER";

    private static final List<Look> LOOKS = List.of(new Look(
            "DISPLAY",
            "Its display",
            true,
            List.of(
                    new Seen("lit", "lit by R and C", Verdict.GOOD, "", Mark.PRACTICE),
                    new Seen(
                            "battery",
                            "lit by its battery",
                            Verdict.GOOD,
                            "A battery lights it without 24 V: read R to C before it is believed.",
                            Mark.PRACTICE),
                    new Seen(
                            "dark",
                            "dark with 24 V on R and C",
                            Verdict.FAILED,
                            "Fed and dark, new batteries in: it is the thermostat.",
                            Mark.PRACTICE),
                    new Seen(
                            "unfed",
                            "dark, no 24 V on R",
                            Verdict.GOOD,
                            "It is not fed: follow R back to the transformer.",
                            Mark.PRACTICE))));

    private static final List<Consumer<? super SpecPair>> RULES = List.of(
            new EachOf(
                    "volts",
                    "V",
                    Mark.PHYSICS,
                    "made for the same volts",
                    "made for these volts too",
                    "24 V and line volts never stand for one another",
                    "For which volts is {silent} made: 24 V, or the line's?"),
            stages("coolStages", "cooling"),
            stages("heatStages", "heat"),
            ThermostatFamily::serves,
            ThermostatFamily::power);

    public static final Family FAMILY = new ThermostatFamily();

    private ThermostatFamily() {
        super(ThermostatLabel.KIND, "Thermostat", "TH", ATTRIBUTES, () -> ThermostatLabel.GRAMMAR);
    }

    private static FieldRule stages(String attribute, String of) {
        return FieldRule.atLeast(
                        attribute,
                        "",
                        Mark.PRACTICE,
                        "calls every stage of " + of,
                        "a stage of " + of + " is never called")
                .unsaid(Unsaid.UNDECIDED_OF_EITHER, "How many stages of " + of + " has {silent}?");
    }

    @Override
    public String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.number("heatStages").ifPresent(n -> out.add(Figures.plain(n) + " heat"));
        spec.number("coolStages").ifPresent(n -> out.add(Figures.plain(n) + " cool"));
        spec.text("serves").ifPresent(s -> out.add(SERVES.getOrDefault(s, s)));
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    private static final Map<String, String> SERVES =
            Map.of("CONVENTIONAL", "conventional", "HEAT_PUMP", "heat pump", EITHER, "conventional or heat pump");

    @Override
    public List<String> sections(Spec spec) {
        return SECTIONS;
    }

    /** The call that is missing is read; the others need not be. */
    @Override
    public List<String> asked(Spec spec) {
        return List.of("R–Y", "DISPLAY");
    }

    @Override
    public String beforeOhms() {
        return "Power off at the unit, its wires off: call for cool, fan, heat in turn, and read each to R";
    }

    @Override
    public boolean isLive(String section, double volts) {
        return false;
    }

    @Override
    public SectionReading named(GivenReading given) {
        return new SectionReading(given.section() == null ? SECTIONS.get(0) : given.section(), given.ohms("ohms"));
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public Judgement judge(TestRequest request) {
        InputProblem.require(
                !request.readings().isEmpty(), "readings", "none", "give ohms from R to Y, G or W with that call on");
        List<Judged> verdicts = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (SectionReading taken : request.readings()) {
            String section = ContactOhms.checked(taken, SECTIONS);
            verdicts.add(ContactOhms.closed(
                    section, taken.reading(), request, "Open with its call on, wires off: it does not call."));
        }
        if (verdicts.stream().anyMatch(v -> v.verdict() == Verdict.FAILED)) {
            findings.add(Finding.info(
                    "Its delay holds a call back for up to five minutes: wait for it, then read once more."));
        }
        return Judgement.of(verdicts, findings);
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        double stages = stages(request.required());
        return Offers.graded(
                request,
                List.of(),
                new Offers.Way(
                        spec -> SpecPair.by(RULES, request, spec),
                        this::shortText,
                        spec -> Math.abs(stages(spec) - stages),
                        1));
    }

    private static double stages(Spec spec) {
        return spec.number("coolStages").orElse(0.0) + spec.number("heatStages").orElse(0.0);
    }

    private static void serves(SpecPair p) {
        String old = p.needed.text("serves").orElse(Criterion.NOT_ON_LABEL);
        String now = p.offered.text("serves").orElse(Criterion.NOT_ON_LABEL);
        if (old.equals(Criterion.NOT_ON_LABEL) || now.equals(Criterion.NOT_ON_LABEL)) {
            p.ask(
                    old.equals(Criterion.NOT_ON_LABEL)
                            ? "Is the unit a heat pump? A wire on O or B says so."
                            : "Is the new one made for this system: heat pump, conventional?");
            p.add("serves", old, now, Grade.UNDECIDED, Mark.PRACTICE, "the system has to be known");
            return;
        }
        if (old.equals(EITHER) && !now.equals(EITHER)) {
            p.ask("How is the old one set: heat pump or conventional?");
            p.add(
                    "serves",
                    old,
                    now,
                    Grade.UNDECIDED,
                    Mark.PRACTICE,
                    "the old one serves either: its setup says which");
            return;
        }
        boolean isSame = old.equals(now);
        p.add(
                "serves",
                old,
                now,
                isSame ? Grade.LIKE_FOR_LIKE : now.equals(EITHER) ? Grade.SUITABLE : Grade.REFUSED,
                Mark.PRACTICE,
                isSame ? "for the same system" : now.equals(EITHER) ? "set up for either" : "for another system");
    }

    /** One that needs C where no wire is on it has none to live on. */
    private static void power(SpecPair p) {
        Optional<String> old = p.needed.text("power");
        Optional<String> now = p.offered.text("power");
        boolean hasWire = old.filter("C_WIRE"::equals).isPresent();
        boolean mayNeedWire = now.isEmpty() || now.get().equals("C_WIRE");
        boolean isKnown = now.isPresent() && old.filter("BATTERY"::equals).isPresent();
        if (mayNeedWire && !hasWire && !isKnown) {
            p.ask(
                    now.isEmpty()
                            ? "Does the new one need a wire on C?"
                            : "Is there a wire on C? The new one lives on it.");
            p.add(
                    "power",
                    old.orElse(Criterion.NOT_ON_LABEL),
                    now.orElse(Criterion.NOT_ON_LABEL),
                    Grade.UNDECIDED,
                    Mark.PRACTICE,
                    "what feeds it has to be known");
            return;
        }
        if (now.isEmpty()) {
            return;
        }
        boolean needsWire =
                now.get().equals("C_WIRE") && old.filter("BATTERY"::equals).isPresent();
        if (needsWire) {
            p.change("A wire on C, from the transformer: the old one lived on its battery.");
        }
        p.add(
                "power",
                old.orElse(Criterion.NOT_ON_LABEL),
                now.get(),
                needsWire ? Grade.NEEDS_CHANGE : old.equals(now) ? Grade.LIKE_FOR_LIKE : Grade.SUITABLE,
                Mark.PRACTICE,
                needsWire ? "lives on C alone" : "fed by what is there");
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
        BlockSheet sheet =
                new BlockSheet(shortText(request.old()), TERMINALS, shortText(now), TERMINALS, request.wires());
        sheet.step("off", "Power off at the indoor unit: R shorted to anything takes the control fuse");
        return sheet.sheet(
                t -> TERMINALS.contains(t) ? t : "",
                List.of(
                        new Step("jumper", "", "", "R–RC and R–RH jumpers as on the old base"),
                        new Step("setup", "", "", "Its setup: system, stages, O or B, by its own sheet")));
    }

    @Override
    public PartProof proof(HookupRequest request) {
        return new PartProof(
                List.of(
                        new Check("wires", "Wires as on the hook-up sheet, none bare beyond its screw"),
                        new Check("setup", "Set up for this system, its stages and its reversing valve")),
                List.of(
                        new Check("cool", "Calls cooling: fan, contactor, and warm air outdoors"),
                        new Check("heat", "Calls heat, and the unit heats"),
                        new Check("off", "Every call ends when it ends")),
                List.of());
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case TEST ->
                Optional.of(
                        Help.of(
                                "How is it read?",
                                Help.practice("Its wires off, a call set: R to that call's terminal is closed."),
                                Help.practice(
                                        "On its base instead: R to Y joined by hand runs the unit where the thermostat is at fault. A test, never a repair.")));
            case MATCH ->
                Optional.of(
                        Help.of(
                                "What decides?",
                                Help.practice("Stages, heat pump or not, and what it lives on: C or a battery."),
                                Help.physics(
                                        "A 24 V contact on line volts burns; a line thermostat on 24 V may not switch so little.")));
            default -> Optional.empty();
        };
    }
}
