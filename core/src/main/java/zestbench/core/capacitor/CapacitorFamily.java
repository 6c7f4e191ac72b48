package zestbench.core.capacitor;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.GivenReading;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.PartProof;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Sections;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.family.Trait;
import zestbench.core.family.UnitSpot;
import zestbench.core.help.Help;
import zestbench.core.help.Topic;
import zestbench.core.judgement.Judgement;
import zestbench.core.label.LabelGrammar;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.suspect.Fact;
import zestbench.core.wiring.Sheet;

/** Capacitors as a family. */
public final class CapacitorFamily implements Family {
    public static final Family FAMILY = new CapacitorFamily();

    private CapacitorFamily() {}

    private static final Set<String> SECTION_LINES = Set.of(Sections.HERM, Sections.FAN, "Capacitance");

    @Override
    public String kind() {
        return CapacitorLabel.KIND;
    }

    @Override
    public String title() {
        return "Run capacitor";
    }

    @Override
    public String idLetters() {
        return "CP";
    }

    @Override
    public List<Attribute> attributes() {
        return CapacitorAttributes.ALL;
    }

    @Override
    public LabelGrammar label() {
        return CapacitorLabel.GRAMMAR;
    }

    @Override
    public Judgement judge(TestRequest request) {
        return CapacitorJudgement.of(request);
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        return CapacitorMatch.of(request);
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        return CapacitorHookup.sheet(request);
    }

    @Override
    public List<String> sections(Spec spec) {
        return rating(spec).map(CapacitorFamily::sectionsOf).orElse(List.of());
    }

    @Override
    public Quantity quantity(String section) {
        return Quantity.MICROFARADS;
    }

    @Override
    public String called(String section) {
        return section.equals(Sections.WHOLE) ? "" : section;
    }

    /** Each section is a line of its own. */
    @Override
    public String attributeOf(String criterion) {
        return SECTION_LINES.contains(criterion) ? Sections.ATTRIBUTE : criterion;
    }

    @Override
    public SectionReading underLoad(@Nullable String section, double amps, double volts, double hertz, Meter meter) {
        return UnderLoad.of(amps, volts, hertz, meter).of(section);
    }

    @Override
    public SectionReading named(GivenReading given) {
        return new SectionReading(given.section(), given.microfarads());
    }

    @Override
    public Optional<Double> rated(Spec spec, String section) {
        return rating(spec).flatMap(r -> {
            int at = r.subjects().indexOf(section);
            // a start capacitor has a range in place of sections
            return at < 0 || at >= r.sections().size()
                    ? Optional.empty()
                    : Optional.of(r.sections().get(at).microfarads());
        });
    }

    @Override
    public boolean isEnough(Spec spec) {
        return spec.has(Sections.ATTRIBUTE) || spec.has("microfaradsLow");
    }

    @Override
    public List<String> terminals(Spec spec) {
        return rating(spec).map(CapacitorHookup::terminals).orElse(List.of());
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("C", Sections.HERM, Sections.FAN);
    }

    @Override
    public List<String> charged(Spec spec) {
        return rating(spec).map(CapacitorFamily::chargedPairs).orElse(List.of());
    }

    @Override
    public Set<Trait> traits() {
        return EnumSet.of(
                Trait.HOLDS_CHARGE, Trait.SERVES_IN_SECTIONS, Trait.AGES, Trait.SERVES_A_MOTOR, Trait.TOLD_BY_FIGURES);
    }

    /** By the section's terminal; a single one by what it serves. */
    @Override
    public Optional<Fact> factOf(String section, UnitSpot spot) {
        String serves = section.equals(Sections.WHOLE) ? spot.serves() + " " + spot.place() : Letters.small(section);
        if (serves.contains("blower") || serves.contains("indoor")) {
            return Optional.of(Fact.BLOWER_CAPACITOR_OUT);
        }
        if (serves.contains("fan")) {
            return Optional.of(Fact.FAN_OUT);
        }
        return serves.contains("herm") || serves.contains("compressor") ? Optional.of(Fact.HERM_OUT) : Optional.empty();
    }

    @Override
    public String shortText(Spec spec) {
        return rating(spec).map(CapacitorRating::text).orElse("label not complete");
    }

    private static Optional<CapacitorRating> rating(Spec spec) {
        try {
            return Optional.of(CapacitorRating.from(spec));
        } catch (InputProblem unclear) {
            return Optional.empty();
        }
    }

    private static List<String> sectionsOf(CapacitorRating rating) {
        return rating.sections().isEmpty() && rating.startRange().isEmpty() ? List.of() : rating.subjects();
    }

    @Override
    public List<Attribute> missing(Spec spec) {
        return CapacitorAttributes.ALL.stream()
                .filter(Attribute::decides)
                .filter(a ->
                        !spec.has(a.name()) && !(a.name().equals(Sections.ATTRIBUTE) && spec.has("microfaradsLow")))
                .toList();
    }

    /** If the inner interrupter has opened C, the charge stays across the other two. [physics] */
    private static List<String> chargedPairs(CapacitorRating rating) {
        if (sectionsOf(rating).isEmpty()) {
            return List.of();
        }
        return rating.isDual() ? List.of("C–HERM", "C–FAN", "HERM–FAN") : List.of("a–b");
    }

    /** A look before the power goes back on. [practice] */
    @Override
    public PartProof proof(HookupRequest request) {
        int pieces = Math.max(1, request.pieces().size());
        return new PartProof(
                List.of(
                        new Check("wires", "Wires as on the hook-up sheet, spades tight"),
                        new Check("straps", pieces > 1 ? "All " + pieces + " cans strapped" : "The can strapped"),
                        new Check("screws", "Screws clear of coils, cans and refrigerant lines"),
                        new Check("tools", "Discharge tool off, no jumper or tool left inside"),
                        new Check("panel", "Panel on")),
                List.of(),
                List.of());
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case READ ->
                Optional.of(Help.of(
                                "What do the figures on a can mean?",
                                Help.practice(
                                        "Two figures are two sections on one common: the large one for HERM, the small one for FAN."),
                                Help.practice("A tolerance that cannot be read is taken as ±6 %, and said so."),
                                Help.practice("Volts never follow from the line: 440 V serves a unit of 370 or 440."))
                        .with(Help.Picture.DUAL_TERMINALS));
            case TEST ->
                Optional.of(Help.of(
                                "How is it measured?",
                                Help.practice(
                                        "Power off, read dead, discharged across every pair; leads off, each section to C."),
                                Help.standard(
                                        "JCGM 106:2012",
                                        "Good means: inside both limits of the label, the meter's own tolerance kept clear of them."),
                                Help.physics("Under load: µF = 2652.6 × amps ÷ volts at 60 Hz."))
                        .with(Help.Picture.METER_ON_CAPACITOR));
            case MATCH ->
                Optional.of(Help.of(
                        "What may stand in for it?",
                        Help.practice(
                                "The same µF for each section; volts the same or higher; tolerance the same or tighter."),
                        Help.physics("In parallel µF add, and the lowest volts hold for all."),
                        Help.practice("What the motor's own label wants goes before what the old can gave.")));
            case HOOK_UP ->
                Optional.of(Help.of(
                                "Which wire goes where?",
                                Help.physics(
                                        "Each section sits between its motor's start lead and the leg that feeds its run winding: C is on that leg."),
                                Help.practice(
                                        "Two singles in place of a dual: the commons are joined, both are strapped."))
                        .with(Help.Picture.DUAL_TERMINALS));
            default -> Optional.empty();
        };
    }
}
