package zestbench.core.motor;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.PartProof;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.Turning;
import zestbench.core.family.UnitSpot;
import zestbench.core.help.Help;
import zestbench.core.help.Topic;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelGrammar;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules;
import zestbench.core.suspect.Fact;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/** Motors as a family. Their figures are windings and amps, which belong to every motor of a unit, compressors too. */
public final class MotorFamily implements Family {
    private static final String SHAFT = "SHAFT";
    private static final String SHELL = "SHELL";
    private static final String BOUND = "bound";
    private static final String HOT = "hot";
    private static final Turning TURNING = new MotorOnLine();

    private static final List<Look> LOOKS = List.of(
            new Look(
                    SHAFT,
                    "Turn it by hand, power locked out",
                    true,
                    List.of(
                            new Seen("free", "turns freely", Verdict.GOOD, "", Mark.PRACTICE),
                            new Seen(
                                    "rough",
                                    "rough or loose",
                                    Verdict.WEAK,
                                    "Bearings are on their way out: a failure to come.",
                                    Mark.PRACTICE),
                            new Seen(
                                    BOUND,
                                    "bound",
                                    Verdict.FAILED,
                                    "A bound shaft: the motor failed, whatever its capacitor reads.",
                                    Mark.PRACTICE))),
            new Look(
                    SHELL,
                    "Shell and smell",
                    false,
                    List.of(
                            new Seen("sound", "nothing", Verdict.GOOD, "", Mark.PRACTICE),
                            new Seen(
                                    "burnt",
                                    "smells burnt",
                                    Verdict.FAILED,
                                    "Burnt windings: the motor failed, whatever its capacitor reads.",
                                    Mark.PRACTICE),
                            new Seen(
                                            HOT,
                                            "too hot to touch, power on it",
                                            Verdict.FAILED,
                                            "Too hot to touch with power on it: the motor failed, whatever its capacitor reads.",
                                            Mark.PRACTICE)
                                    .live())));

    public static final Family FAMILY = new MotorFamily();

    private MotorFamily() {}

    @Override
    public String kind() {
        return MotorLabel.KIND;
    }

    @Override
    public String title() {
        return "Motor";
    }

    @Override
    public String idLetters() {
        return "MT";
    }

    @Override
    public List<Attribute> attributes() {
        return MotorAttributes.ALL;
    }

    @Override
    public LabelGrammar label() {
        return MotorLabel.GRAMMAR;
    }

    @Override
    public String shortText(Spec spec) {
        String text = MotorRating.known(spec).map(MotorRating::shortText).orElse("");
        return spec.isEmpty() ? "" : text.isEmpty() ? "label not complete" : text;
    }

    @Override
    public MatchAnswer compared(MatchRequest request) {
        return MotorMatch.of(request);
    }

    @Override
    public Sheet sheet(HookupRequest request) {
        return MotorHookup.sheet(request);
    }

    @Override
    public List<String> sections(Spec spec) {
        return List.of();
    }

    @Override
    public List<String> asked(Spec spec) {
        return List.of(Turning.WINDINGS, SHAFT);
    }

    @Override
    public List<Look> looks(ShopRules rules) {
        return LOOKS;
    }

    @Override
    public List<String> terminals(Spec spec) {
        return MotorRating.known(spec).map(MotorTerminals::of).orElse(List.of());
    }

    @Override
    public List<String> usualTerminals() {
        return List.of("LINE 1", "LINE 2", "CAP", "HIGH", "MED", "LOW", "GND");
    }

    @Override
    public List<Wire> printed(Spec spec) {
        return MotorLeads.printed(spec);
    }

    @Override
    public Turning turning() {
        return TURNING;
    }

    @Override
    public Map<Fact, Boolean> facts(Map<String, String> seen, UnitSpot spot) {
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        String shaft = seen.get(SHAFT);
        String shell = seen.get(SHELL);
        if (shaft != null && spot.place().startsWith("outdoor fan")) {
            out.put(Fact.FAN_TURNS_FREE, !shaft.equals(BOUND));
        }
        if (shell != null && spot.place().contains("blower")) {
            out.put(Fact.BLOWER_HOT, shell.equals(HOT));
        }
        return out;
    }

    @Override
    public Optional<Check> beforePower(String name) {
        return Optional.of(new Check("turns", "The " + name + " turns free by hand, its blade or wheel clear"));
    }

    @Override
    public Judgement judge(TestRequest request) {
        throw InputProblem.of(
                "kind",
                MotorLabel.KIND,
                "a motor is judged by its windings or its amps: give kind winding or kind amps");
    }

    /** What decides and is not there; rpm and poles stand for each other, and a capacitor is asked of PSC motors. */
    @Override
    public List<Attribute> missing(Spec spec) {
        List<Attribute> out = new ArrayList<>();
        Optional<MotorRating> rating = MotorRating.known(spec);
        boolean isPsc = rating.flatMap(MotorRating::kind)
                .filter(k -> k == MotorRating.Kind.PSC)
                .isPresent();
        boolean isKindOpen = rating.flatMap(MotorRating::kind).isEmpty();
        boolean turnsBothWays = rating.filter(MotorRating::isThreePhase).isPresent();
        for (Attribute attribute : MotorAttributes.ALL) {
            boolean isRotation = attribute.name().startsWith("rotation");
            boolean isAsked = (attribute.decides() && !(isRotation && turnsBothWays))
                    || (attribute.name().equals("type") && isKindOpen)
                    || (attribute.name().equals("capacitorMicrofarads") && isPsc)
                    || (attribute.name().equals("rotationView") && isFixed(spec) && !turnsBothWays);
            boolean isTold = spec.has(attribute.name()) || (attribute.name().equals("rpm") && spec.has("poles"));
            if (isAsked && !isTold) {
                out.add(attribute);
            }
        }
        return out;
    }

    private static boolean isFixed(Spec spec) {
        return spec.text("rotation").filter(r -> !r.equals("REVERSIBLE")).isPresent();
    }

    @Override
    public PartProof proof(HookupRequest request) {
        MotorRating old = MotorRating.from(request.old());
        Optional<MotorRating> now = request.pieces().isEmpty()
                ? Optional.empty()
                : MotorRating.known(request.pieces().get(0));
        boolean isThreePhase = now.flatMap(MotorPair::phaseOf).orElse(1) == 3;
        String hand = old.leadEndRotation().map(MotorHookup::turning).orElse("the way the air has to go");
        List<Check> before = new ArrayList<>();
        before.add(new Check("wires", "Wires as on the hook-up sheet, unused leads capped one by one"));
        before.add(new Check("blade", "Blade turns clear all round by hand, at its depth"));
        before.add(new Check("mount", "Mount tight, drain plug lowest, wires clear of the blade"));
        before.add(new Check("tools", "No tool left inside, discharge tool off"));
        before.add(new Check("panel", "Guard and panel on"));
        List<Check> running = List.of(
                new Check(
                        "rotation",
                        "Turns " + hand
                                + (isThreePhase
                                        ? "; if not: power off, swap any two leads"
                                        : "; air goes the right way")),
                new Check("steady", "No shake, no rub, blade clear at speed"));
        List<String> taps = request.pieces().isEmpty() ? List.of() : MotorHookup.usedTaps(request);
        return new PartProof(before, running, taps.isEmpty() ? List.of("") : taps);
    }

    @Override
    public Optional<Help> help(Topic topic) {
        return switch (topic) {
            case READ ->
                Optional.of(Help.of(
                                "Seen from which end?",
                                Help.physics("Clockwise from the lead end is counter-clockwise from the shaft end."),
                                Help.practice(
                                        "Where the label does not say which, the turning is looked at before a new one is taken."))
                        .with(Help.Picture.MOTOR_ENDS));
            case TEST ->
                Optional.of(Help.of(
                                "What do its windings tell?",
                                Help.physics("R–S = C–R + C–S: the terminal that is not in the largest pair is C."),
                                Help.practice(
                                        "Shaft bound, burnt smell or a shell too hot to touch: it failed, whatever its capacitor reads."))
                        .with(Help.Picture.COMMON_RUN_START));
            case MATCH ->
                Optional.of(Help.of(
                                "What may stand in for it?",
                                Help.standard(
                                        "fan laws, ASHRAE Handbook, HVAC Systems and Equipment",
                                        "The same poles: fan power goes with the cube of the rpm."),
                                Help.practice("The same power or one step up, its volts and its turning."),
                                Help.practice("A new capacitor with it, of the µF and volts that its own label wants."))
                        .with(Help.Picture.MOTOR_ENDS));
            default -> Optional.empty();
        };
    }
}
