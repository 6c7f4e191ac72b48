package zestbench.core.board;

import java.util.ArrayList;
import java.util.List;
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
import zestbench.core.family.UnitSpot;
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
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Quantity;
import zestbench.core.safety.Deadness;
import zestbench.core.shop.ShopRules;
import zestbench.core.supply.ControlVoltage;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.suspect.Fact;
import zestbench.core.wiring.BlockSheet;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Sheet.Step;

/** Control boards as a family: only the same number, or one whose maker names it for the old one. */
public final class BoardFamily extends LabelledFamily {
    static final List<Attribute> ATTRIBUTES = List.of(
            Attribute.text("boardNumber", "Number", "printed on the board, not on its parts")
                    .deciding(),
            Attribute.text("replaces", "Replaces", "on its box or sheet"),
            Attribute.number("fuseAmps", "Control fuse", "A", "beside its fuse: 3 or 5")
                    .usually("FUSE 3 A", "FUSE 5 A"),
            Attribute.number("volts", "Volts", "V", "24 V, or the line's")
                    .as(Type.NUMBERS)
                    .usually("24 V"));

    private static final String FUSE = "FUSE";
    private static final String VOLTS = "24 V IN";
    private static final List<String> SECTIONS = List.of(FUSE, VOLTS);
    private static final List<String> TERMINALS = List.of("R", "C", "Y", "G", "W", "24 V", "L1", "NEUTRAL");

    private static final List<Look> LOOKS = List.of(
            new Look(
                    "LIGHT",
                    "Its light, 24 V there",
                    true,
                    List.of(
                            new Seen("steady", "as its chart says for normal", Verdict.GOOD, "", Mark.PRACTICE).live(),
                            new Seen(
                                            "code",
                                            "blinks a code",
                                            Verdict.GOOD,
                                            "The code names a step that failed, not the board: follow it first.",
                                            Mark.PRACTICE)
                                    .live(),
                            new Seen(
                                            "dark",
                                            "dark, its fuse whole",
                                            Verdict.FAILED,
                                            "Fed, fused and dark: it is the board.",
                                            Mark.PRACTICE)
                                    .live(),
                            new Seen(
                                            "silent",
                                            "lit, and a call moves nothing",
                                            Verdict.WEAK,
                                            "In and out at the step that is missing: volts come in and none go out, it is the board.",
                                            Mark.PRACTICE)
                                    .live())),
            new Look(
                    "TRACES",
                    "Its back and its relays",
                    false,
                    List.of(
                            new Seen("clean", "clean", Verdict.GOOD, "", Mark.PRACTICE),
                            new Seen(
                                    "burnt",
                                    "a trace, plug or relay burnt",
                                    Verdict.FAILED,
                                    "Find what drew so much before another board goes in.",
                                    Mark.PRACTICE),
                            new Seen(
                                    "wet",
                                    "water or corrosion",
                                    Verdict.WEAK,
                                    "Find where the water comes from first.",
                                    Mark.PRACTICE))));

    private static final List<Consumer<? super SpecPair>> RULES = List.of(
            BoardFamily::number,
            new EachOf("volts", "V", Mark.PHYSICS, "same volts", "made for these volts too", "another voltage", ""),
            FieldRule.equal("fuseAmps", "A", Mark.PRACTICE, "same control fuse", "another control fuse")
                    .fitting("Its own sheet says which fuse belongs in it: {new}, not {old}.")
                    .unsaid(Unsaid.SHOWN, "Which control fuse belongs in {silent}?"));

    public static final Family FAMILY = new BoardFamily();

    private BoardFamily() {
        super(BoardLabel.KIND, "Control board", "BD", ATTRIBUTES, () -> BoardLabel.GRAMMAR);
    }

    @Override
    public String shortText(Spec spec) {
        return spec.text("boardNumber")
                .map(number -> number
                        + spec.number("fuseAmps")
                                .map(a -> " fuse " + Figures.plain(a) + " A")
                                .orElse(""))
                .orElse("label not complete");
    }

    @Override
    public List<String> sections(Spec spec) {
        return SECTIONS;
    }

    @Override
    public List<String> asked(Spec spec) {
        return List.of(FUSE, VOLTS, "LIGHT");
    }

    @Override
    public Quantity quantity(String section) {
        return section.equals(VOLTS) ? Quantity.VOLTS : Quantity.OHMS;
    }

    @Override
    public String called(String section) {
        return section.equals(FUSE) ? "its fuse" : "24 V in";
    }

    @Override
    public String beforeOhms() {
        return "Power off, fuse out of its clips; then power on for the 24 V that feed it";
    }

    @Override
    public boolean isLive(String section, double volts) {
        return section.equals(VOLTS) && volts >= Deadness.CONTROL_VOLTS;
    }

    @Override
    public SectionReading named(GivenReading given) {
        String section = given.section() == null ? (given.has("volts") ? VOLTS : FUSE) : given.section();
        return section.equals(VOLTS)
                ? new SectionReading(section, given.volts("volts", "give the volts from R to C"))
                : new SectionReading(section, given.ohms("ohms"));
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public Judgement judge(TestRequest request) {
        InputProblem.require(
                !request.readings().isEmpty(), "readings", "none", "give the ohms of its fuse, or its 24 V");
        List<Judged> verdicts = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (SectionReading taken : request.readings()) {
            if (taken.reading().quantity() == Quantity.VOLTS && VOLTS.equals(taken.section())) {
                Judgement fed = ControlVoltage.judge(
                        SupplyPoint.TRANSFORMER, List.of(), taken.reading().value(), request.meter());
                fed.verdicts().forEach(v -> verdicts.add(fed(v)));
                findings.addAll(fed.findings());
                continue;
            }
            ContactOhms.checked(taken, List.of(FUSE));
            if (!ContactOhms.isClosed(taken.reading())) {
                findings.add(
                        Finding.caution(
                                "A control fuse opens for a short: find it on the 24 V side before another fuse goes in, and never a larger one."));
            }
            verdicts.add(
                    ContactOhms.isClosed(taken.reading())
                            ? ContactOhms.closed(FUSE, taken.reading(), request, "")
                            : ContactOhms.judged(
                                    FUSE,
                                    Verdict.NOT_JUDGED,
                                    taken.reading(),
                                    request,
                                    "Open: the fuse, not the board. What shorted it comes first."));
        }
        return Judgement.of(verdicts, findings);
    }

    /** Volts that are missing at its input speak of what feeds it, not of the board. */
    private static Judged fed(Judged volts) {
        Verdict verdict = volts.verdict() == Verdict.FAILED ? Verdict.NOT_JUDGED : volts.verdict();
        return new Judged(
                VOLTS, verdict, volts.reading(), volts.uncertainty(), volts.rated(), volts.limits(), volts.reckoning());
    }

    @Override
    public Optional<Fact> factOf(String section, UnitSpot spot) {
        return section.equals(FUSE) ? Optional.of(Fact.CONTROL_FUSE_OPEN) : Optional.empty();
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        return Offers.graded(
                request,
                List.of(),
                new Offers.Way(spec -> SpecPair.by(RULES, request, spec), this::shortText, spec -> 0.0, 1));
    }

    private static String letters(String number) {
        return Letters.large(number).replaceAll("[^A-Z0-9]", "");
    }

    /** A board is what its number says; what looks like it does other steps in other times. */
    private static void number(SpecPair p) {
        Optional<String> old = p.needed.text("boardNumber");
        Optional<String> now = p.offered.text("boardNumber");
        String wanted = old.orElse(Criterion.NOT_ON_LABEL);
        String given = now.orElse(Criterion.NOT_ON_LABEL);
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Which number is printed on " + (old.isEmpty() ? "the old board" : "the new one") + "?");
            p.add("boardNumber", wanted, given, Grade.UNDECIDED, Mark.PRACTICE, "the number has to be known of both");
            return;
        }
        boolean isSame = letters(old.get()).equals(letters(now.get()));
        boolean isNamed = p.offered
                .text("replaces")
                .filter(r -> letters(r).equals(letters(old.get())))
                .isPresent();
        if (!isSame && !isNamed) {
            p.ask("Does the maker's list name " + given + " in place of " + wanted + "?");
        }
        p.add(
                "boardNumber",
                wanted,
                given,
                isSame ? Grade.LIKE_FOR_LIKE : isNamed ? Grade.SUITABLE : Grade.UNDECIDED,
                Mark.PRACTICE,
                isSame
                        ? "the same board"
                        : isNamed ? "its own sheet names the old one" : "another number: only the maker's list tells");
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
        sheet.step("touch", "A hand on bare metal of the cabinet before the board is touched");
        return sheet.sheet(
                t -> TERMINALS.contains(t) ? t : "",
                List.of(
                        new Step("plugs", "", "", "Plugs home, none forced: a key fits one way"),
                        new Step(
                                "switches",
                                "",
                                "",
                                "Its switches, jumpers and speed taps as on the old one, by its own sheet")));
    }

    @Override
    public PartProof proof(HookupRequest request) {
        return new PartProof(
                List.of(
                        new Check("wires", "Wires as on the hook-up sheet"),
                        new Check("switches", "Switches, jumpers and speed taps as on the old one"),
                        new Check("fuse", "Control fuse as printed on it")),
                List.of(
                        new Check("light", "Its light as its chart says for normal"),
                        new Check(
                                "cycle", "A whole cycle of each call, every step in its turn, its delays as printed")),
                List.of());
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case TEST ->
                Optional.of(Help.of(
                        "When is it the board?",
                        Help.practice("Fed and fused, a call comes in and nothing goes out: then it is the board."),
                        Help.practice("A code is the board at work: it names the step that failed.")));
            case MATCH ->
                Optional.of(
                        Help.of(
                                "Why by its number alone?",
                                Help.practice(
                                        "Boards that look alike have other delays, trials and lockouts. The maker's list says which stands for which.")));
            default -> Optional.empty();
        };
    }
}
