package zestbench.core.motor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Look;
import zestbench.core.family.Look.Seen;
import zestbench.core.family.Proof;
import zestbench.core.family.Proof.Check;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.wiring.Wire;

/** Motors as a family. Their figures are windings and amps, which belong to every motor of a unit, compressors too. */
public final class MotorFamily {
    /** The name under which windings count as a test. */
    public static final String WINDINGS = "WINDINGS";

    private static final List<Look> LOOKS = List.of(
            new Look(
                    "SHAFT",
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
                                    "bound",
                                    "bound",
                                    Verdict.FAILED,
                                    "A bound shaft: the motor failed, whatever its capacitor reads.",
                                    Mark.PRACTICE))),
            new Look(
                    "SHELL",
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
                                            "hot",
                                            "too hot to touch, power on it",
                                            Verdict.FAILED,
                                            "Too hot to touch with power on it: the motor failed, whatever its capacitor reads.",
                                            Mark.PRACTICE)
                                    .live())));

    public static final Family FAMILY = new Family(
            MotorLabel.KIND,
            "Motor",
            MotorAttributes.ALL,
            MotorLabel.GRAMMAR,
            spec -> spec.isEmpty() ? "" : shortText(spec),
            MotorFamily::judge,
            MotorMatch::of,
            spec -> List.of(),
            MotorFamily::missing,
            spec -> rating(spec).map(MotorTerminals::of).orElse(List.of()),
            spec -> List.of(),
            MotorHookup::sheet,
            rules -> LOOKS,
            spec -> List.of(WINDINGS, "SHAFT"),
            MotorFamily::proof,
            spec -> !spec.isEmpty(),
            section -> Quantity.OHMS,
            Family.NO_LEG,
            MotorLeads::printed);

    private MotorFamily() {}

    /** How many speed taps of a motor the wires as found are on. */
    public static int usedTaps(Spec spec, List<Wire> wires) {
        return rating(spec).map(r -> MotorHookup.usedTaps(r, wires)).orElse(1);
    }

    /** The amps its label allows at a speed, on a line of {@code lineVolts}; empty where the label does not say. */
    public static Optional<Double> ratedAmps(Spec spec, Optional<Double> lineVolts, int speed) {
        return rating(spec).flatMap(r -> r.ratedAmps(lineVolts, speed));
    }

    /** Volts of the connection that serves {@code lineVolts}, or the only one; empty where it is not known which. */
    public static List<Double> connectionVolts(Spec spec, Optional<Double> lineVolts) {
        List<List<Double>> all = rating(spec).map(MotorRating::volts).orElse(List.of());
        return all.size() == 1
                ? all.get(0)
                : all.stream()
                        .filter(named -> lineVolts
                                .filter(line -> MotorPair.serves(named, line))
                                .isPresent())
                        .findFirst()
                        .orElse(List.of());
    }

    /** What its label allows above full load; 1 where it says nothing. */
    public static double serviceFactor(Spec spec) {
        return rating(spec).map(MotorRating::serviceFactor).orElse(1.0);
    }

    /** Names of its speed taps, fastest first; one empty name for a single speed. */
    public static List<String> taps(Spec spec) {
        List<String> taps = rating(spec).map(MotorTerminals::taps).orElse(List.of());
        return taps.isEmpty() ? List.of("") : taps;
    }

    private static String shortText(Spec spec) {
        String text = rating(spec).map(MotorRating::shortText).orElse("");
        return text.isEmpty() ? "label not complete" : text;
    }

    private static Optional<MotorRating> rating(Spec spec) {
        try {
            return Optional.of(MotorRating.from(spec));
        } catch (InputProblem unclear) {
            return Optional.empty();
        }
    }

    private static Judgement judge(TestRequest request) {
        throw InputProblem.of(
                "kind",
                MotorLabel.KIND,
                "a motor is judged by its windings or its amps: give kind winding or kind amps");
    }

    /** What decides and is not there; rpm and poles stand for each other, and a capacitor is asked of PSC motors. */
    private static List<Attribute> missing(Spec spec) {
        List<Attribute> out = new ArrayList<>();
        Optional<MotorRating> rating = rating(spec);
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

    private static Proof proof(HookupRequest request) {
        MotorRating old = MotorRating.from(request.old());
        Optional<MotorRating> now = request.pieces().isEmpty()
                ? Optional.empty()
                : rating(request.pieces().get(0));
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
        return new Proof(before, running, taps.isEmpty() ? List.of("") : taps);
    }
}
