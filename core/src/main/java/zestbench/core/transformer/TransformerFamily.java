package zestbench.core.transformer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.circuit.Isolation;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.GivenReading;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.LeadsTried;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.PartProof;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.help.Help;
import zestbench.core.help.Topic;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelGrammar;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.safety.Deadness;
import zestbench.core.shop.ShopRules;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/** Control transformers as a family. */
public final class TransformerFamily implements Family {
    private static final List<Look> LOOKS = List.of(
            new Look(
                    "SHORTED",
                    "What it feeds, read by ohms with a wire off",
                    false,
                    List.of(
                            new Seen("whole", "no short", Verdict.GOOD, "", Mark.PRACTICE),
                            new Seen(
                                    "short",
                                    "a short",
                                    Verdict.WEAK,
                                    "Isolate one by one before a new one burns too: "
                                            + Isolation.order(Isolation.CONTROL) + ".",
                                    Mark.PRACTICE))),
            new Look(
                            "CAUSE",
                            "The short is in",
                            false,
                            Isolation.CONTROL.stream()
                                    .map(l -> new Seen(
                                            l.key(),
                                            l.words(),
                                            Verdict.GOOD,
                                            "The short is found: mended before power goes on.",
                                            Mark.PRACTICE))
                                    .toList())
                    .about(Look.About.CAUSE));

    public static final Family FAMILY = new TransformerFamily();

    private TransformerFamily() {}

    @Override
    public String kind() {
        return TransformerLabel.KIND;
    }

    @Override
    public String title() {
        return "Control transformer";
    }

    @Override
    public String idLetters() {
        return "TR";
    }

    @Override
    public List<Attribute> attributes() {
        return TransformerAttributes.ALL;
    }

    @Override
    public LabelGrammar label() {
        return TransformerLabel.GRAMMAR;
    }

    @Override
    public Judgement judge(TestRequest request) {
        return TransformerJudgement.of(request);
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        return TransformerMatch.of(request);
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        return TransformerHookup.sheet(request);
    }

    @Override
    public List<String> sections(Spec spec) {
        return spec.isEmpty() ? List.of() : TransformerJudgement.SECTIONS;
    }

    @Override
    public List<String> asked(Spec spec) {
        return TransformerJudgement.SECTIONS.subList(0, 2);
    }

    @Override
    public Quantity quantity(String section) {
        return Quantity.VOLTS;
    }

    /** Volts of a secondary come from its primary. */
    @Override
    public boolean isLive(String section, double volts) {
        return !section.startsWith(TransformerJudgement.SECONDARY) || volts >= Deadness.DEAD_VOLTS;
    }

    @Override
    public SectionReading named(GivenReading given) {
        return TransformerJudgement.named(given);
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public List<String> terminals(Spec spec) {
        return TransformerHookup.terminals(spec);
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("PRI COM", "PRI 120", "PRI 208", "PRI 240", "SEC R", "SEC C");
    }

    @Override
    public List<Wire> printed(Spec spec) {
        return TransformerHookup.printed(spec);
    }

    @Override
    public List<String> primaryLeads(Spec spec) {
        return Primary.of(spec).leads().stream().map(Primary.Lead::words).toList();
    }

    @Override
    public String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.number("voltAmps").ifPresent(v -> out.add(Figures.plain(v) + " VA"));
        List<Double> taps = TransformerMatch.taps(spec);
        if (!taps.isEmpty()) {
            out.add(String.join("/", taps.stream().map(Figures::plain).toList()) + " V");
        }
        spec.number("secondaryVolts").ifPresent(v -> out.add("to " + Figures.plain(v) + " V"));
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    @Override
    public List<Attribute> missing(Spec spec) {
        return TransformerAttributes.ALL.stream()
                .filter(a -> a.decides() && !spec.has(a.name()))
                .filter(a -> !a.name().equals("primaryVolts")
                        || TransformerMatch.taps(spec).isEmpty())
                .toList();
    }

    /** Before power the pair that is connected is held against its design volts. */
    @Override
    public PartProof proof(HookupRequest request) {
        Optional<String> pair = request.pieces().isEmpty()
                ? Optional.empty()
                : TransformerHookup.intended(
                                request.pieces().get(0), request.site().circuit())
                        .map(Primary.Pair::words);
        return new PartProof(
                List.of(
                        new Check(
                                "pair",
                                "Line on the two leads by its own label"
                                        + pair.map(p -> ", " + p).orElse("")),
                        new Check("caps", "Every other primary lead capped by itself: each is live"),
                        new Check("load", "What it feeds shows no short by ohms"),
                        new Check("fuse", "Secondary fused where the old one was"),
                        new Check("panel", "Panel on")),
                List.of(new Check("secondary", "Secondary volts under load inside what its coils stand")),
                List.of());
    }

    @Override
    public LeadsTried tried(Spec spec, int one, int two, double lineVolts) {
        List<Primary.Lead> leads = Primary.of(spec).leads();
        InputProblem.require(
                one >= 0 && two >= 0 && one < leads.size() && two < leads.size() && one != two,
                "one",
                one + " and " + two,
                "give two different leads of the new transformer's printed list");
        double rated = Primary.secondaryVolts(spec);
        Primary.Pair pair = Primary.pair(leads.get(one), leads.get(two), lineVolts, rated);
        return new LeadsTried(pair.words(), pair.isRight(rated));
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case HOOK_UP ->
                Optional.of(Help.of(
                        "Why two leads, and the rest capped?",
                        Help.practice("The common is whatever this label prints. Colours are no code between makers."),
                        Help.physics("Unused primary leads are live, up to the volts of the highest tap.")));
            case MATCH ->
                Optional.of(Help.of(
                        "Why does the tap matter?",
                        Help.physics(
                                "208 V on a 240 V tap gives 20.8 V, where a coil is promised to pull in from 20.4."),
                        Help.practice("VA at least what hangs on it.")));
            default -> Optional.empty();
        };
    }
}
