package zestbench.core.fuse;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import zestbench.core.circuit.Isolation;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.GivenReading;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.PartProof;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.family.Trait;
import zestbench.core.family.UnitSpot;
import zestbench.core.help.Help;
import zestbench.core.help.Topic;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelGrammar;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Quantity;
import zestbench.core.shop.ShopRules;
import zestbench.core.suspect.Fact;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Fuses as a family. A set of them counts as one part. */
public final class FuseFamily implements Family {
    private static final List<String> TERMINALS = List.of("L1", "L2", "L3", "T1", "T2", "T3");

    private static final List<Look> LOOKS = List.of(
            new Look(
                            "HOLDER",
                            "Holder and clips",
                            false,
                            List.of(
                                    seen("sound", "sound and tight", Verdict.GOOD, ""),
                                    seen(
                                            "heat",
                                            "discoloured, loose or warped",
                                            Verdict.WEAK,
                                            "Heat from a loose clip opens new fuses too: write the holder up, or renew it.")))
                    .about(Look.About.PLACE),
            new Look(
                    "AGAIN",
                    "Opened before on this visit",
                    false,
                    List.of(
                            seen("no", "no", Verdict.GOOD, ""),
                            seen(
                                            "yes",
                                            "yes, a second time",
                                            Verdict.FAILED,
                                            "Stop: no third set. Isolate the loads one by one: "
                                                    + Isolation.order(Isolation.LINE) + ".")
                                    .demanding(Demand.LOADS_TO_GROUND))),
            new Look("CAUSE", "It opened because of", false, causes(Isolation.LINE)).about(Look.About.CAUSE));

    public static final Family FAMILY = new FuseFamily();

    private FuseFamily() {}

    @Override
    public String kind() {
        return FuseLabel.KIND;
    }

    @Override
    public String title() {
        return "Fuses";
    }

    @Override
    public String idLetters() {
        return "FS";
    }

    @Override
    public List<Attribute> attributes() {
        return FuseAttributes.ALL;
    }

    @Override
    public LabelGrammar label() {
        return FuseLabel.GRAMMAR;
    }

    @Override
    public Judgement judge(TestRequest request) {
        return FuseJudgement.of(request);
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        return FuseMatch.of(request);
    }

    @Override
    public List<String> sections(Spec spec) {
        return spec.isEmpty() ? List.of() : FuseJudgement.SECTIONS;
    }

    @Override
    public List<String> asked(Spec spec) {
        return List.of(FuseJudgement.SECTIONS.get(0));
    }

    @Override
    public Quantity quantity(String section) {
        return FuseJudgement.quantity(section);
    }

    @Override
    public SectionReading named(GivenReading given) {
        return FuseJudgement.named(given);
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public List<String> terminals(Spec spec) {
        return TERMINALS;
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("L1", "L2", "L3", "T1", "T2", "T3", "GND");
    }

    @Override
    public Set<Trait> traits() {
        return EnumSet.of(Trait.PROTECTS);
    }

    @Override
    public Optional<Fact> factOf(String section, UnitSpot spot) {
        boolean isControl = spot.place().matches(".*(control|board|24 v|transformer).*");
        return Optional.of(isControl ? Fact.CONTROL_FUSE_OPEN : Fact.FUSE_OPEN);
    }

    @Override
    public Optional<Check> beforePower(String name) {
        return Optional.of(new Check("set", "Every pole has the same fuse, seated"));
    }

    /** {@code FUSE 3}, {@code L3}, {@code T3}: the third leg. */
    @Override
    public int legOf(String name) {
        return name.matches("(FUSE |L|T)[1-6].*") ? name.replaceAll("^\\D+", "").charAt(0) - '0' : 0;
    }

    private static List<Seen> causes(List<Isolation> loads) {
        return loads.stream()
                .map(l -> seen(l.key(), l.words(), Verdict.GOOD, "The cause is found: mended before new fuses go in."))
                .toList();
    }

    private static Seen seen(String key, String words, Verdict verdict, String meaning) {
        return new Seen(key, words, verdict, meaning, Mark.PRACTICE);
    }

    @Override
    public String shortText(Spec spec) {
        List<String> out = new ArrayList<>();
        spec.number("amps").ifPresent(a -> out.add(Figures.plain(a) + " A"));
        spec.number("volts").ifPresent(v -> out.add(Figures.plain(v) + " V"));
        spec.text("fuseClass").ifPresent(out::add);
        spec.flag("timeDelay").ifPresent(d -> out.add(d ? "time delay" : "fast"));
        return out.isEmpty() ? "label not complete" : String.join(" ", out);
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        String now = shortText(request.pieces().get(0));
        BlockSheet sheet = new BlockSheet(shortText(request.old()), TERMINALS, now, TERMINALS, request.wires());
        int pieces = request.pieces().size();
        sheet.step(
                "set",
                pieces > 1 ? "All " + pieces + " fuses new, of one rating" : "The fuse new, of the rating chosen");
        return sheet.sheet(
                t -> t,
                List.of(
                        new Step("facing", "", "", "Ratings facing out, so that the next person can read them"),
                        new Step(
                                "clips",
                                "",
                                "",
                                "Clips bright and springy; discoloured or warped ones are written up")));
    }

    /** Why it opened is looked for before power goes on again. [practice] */
    @Override
    public PartProof proof(HookupRequest request) {
        return new PartProof(
                List.of(
                        new Check("ground", "Every load read to ground: compressor, fans, blower, heater, transformer"),
                        new Check("wires", "Wires looked over where they touch metal: none rubbed bare"),
                        new Check("start", "One start device at the most in the compressor's circuit"),
                        new Check("motors", "Every motor turns by hand, none seized"),
                        new Check("rating", "Ratings by the plate, the whole set, facing out")),
                List.of(new Check("holds", "Holds through a start and ten minutes' running")),
                List.of());
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case TEST ->
                Optional.of(
                        Help.of(
                                "Why out of its holder?",
                                Help.physics(
                                        "In circuit, 0 V across it with the load off proves nothing, and a running motor feeds an open one back.")));
            case MATCH ->
                Optional.of(Help.of(
                        "Which rating goes in?",
                        Help.standard(
                                "NEC 440.22, 110.3(B)",
                                "From MCA up to the largest fuse of the plate, and never above."),
                        Help.practice("Time-delay for motors, the same class, the whole set at once."),
                        Help.practice("No power until it is known why it opened.")));
            default -> Optional.empty();
        };
    }
}
