package zestbench.core.motor;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.family.FieldRule;
import zestbench.core.family.FlammableRefrigerant;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;

/** How a motor turns, sits and stands the weather. */
final class FitRules {

    static final List<Consumer<? super MotorPair>> ALL = List.of(
            FitRules::rotation,
            FitRules::shaft,
            FieldRule.equal(
                            "bodyDiameterInches",
                            "in",
                            Mark.PRACTICE,
                            "the band closes",
                            "the old band does not close on it")
                    .within(MotorLimits.BAND_WITHIN_INCHES)
                    .fitting("Another belly band, for {new}.")
                    .unsaid(FieldRule.Unsaid.SHOWN_OF_EITHER, "Measure both bodies: does the band close?"),
            FitRules::frame,
            FieldRule.equal("mount", "", Mark.PRACTICE, "same mount", "fits once its mount is changed")
                    .fitting("Mount: {new} in the place of {old}.")
                    .unsaid(FieldRule.Unsaid.ASKED, "Does it mount by {old}, as the old one does?"),
            FieldRule.atLeast(
                            "ambientCelsius",
                            "°C",
                            Mark.PRACTICE,
                            "not lower than the old one's",
                            "it would stand in hotter air than it is made for")
                    .unsaid(
                            FieldRule.Unsaid.SHOWN_OF_EITHER,
                            "Which ambient is printed on {silent}? It stands in the condenser's or the coil's air."),
            FieldRule.atLeast("insulationClass", "", Mark.PRACTICE, "not lower", "a lower class stands less heat")
                    .in(List.of("A", "B", "F", "H")),
            FitRules::enclosure,
            FitRules::protection,
            FitRules::bearing,
            FitRules::refrigerant);

    private static final List<String> IN_RAIN = List.of("TEAO", "TENV", "TEFC");
    private static final String PROVE = "Prove the rotation before it is left.";
    private static final Mark NEMA = Mark.standard("NEMA MG 1, part 4");

    private FitRules() {}

    /** Both are turned to the view from the lead end; from the shaft end the same motor turns the other way. [physics] */
    private static void rotation(MotorPair p) {
        MotorRating old = p.needed;
        MotorRating now = p.offered;
        String wanted = old.rotationText();
        String given = now.rotationText();
        if (old.isThreePhase() && now.isThreePhase()) {
            threePhase(p, wanted, given);
        } else if (now.isReversible() && old.isReversible()) {
            p.change(PROVE);
            p.add(
                    "rotation",
                    wanted,
                    given,
                    LIKE_FOR_LIKE,
                    Mark.PRACTICE,
                    "reversible for reversible: connect it, then prove it");
        } else if (now.isReversible() && old.rotation().isPresent()) {
            p.change("Rotation: set the reversing plugs.");
            p.change(PROVE);
            p.add(
                    "rotation",
                    wanted,
                    given,
                    NEEDS_CHANGE,
                    Mark.PRACTICE,
                    "a reversible motor is connected for the hand it needs");
        } else if (old.isReversible()) {
            p.ask("Which way did the old motor turn, and seen from where?");
            p.add(
                    "rotation",
                    wanted,
                    given,
                    UNDECIDED,
                    Mark.PRACTICE,
                    "a fixed motor for a reversible one: the turning has to be seen");
        } else if (old.leadEndRotation().isEmpty() || now.leadEndRotation().isEmpty()) {
            p.ask("Which way does it turn, and standing where: at the leads or at the shaft?");
            p.add(
                    "rotation",
                    wanted,
                    given,
                    UNDECIDED,
                    Mark.PRACTICE,
                    "without the view CW and CCW can mean the same turning");
        } else {
            boolean same = old.leadEndRotation().equals(now.leadEndRotation());
            p.add(
                    "rotation",
                    wanted,
                    given,
                    same ? LIKE_FOR_LIKE : REFUSED,
                    Mark.PHYSICS,
                    same
                            ? "both turn {} from the lead end"
                            : "from the lead end the old one turns {}, this one the other way",
                    old.leadEndRotation().get());
        }
    }

    /** Three phases turn either way: any two leads swapped reverse them, so rotation is proved and decides nothing. [physics] */
    private static void threePhase(MotorPair p, String wanted, String given) {
        boolean isOther = !p.needed.leadEndRotation().equals(p.offered.leadEndRotation())
                && p.needed.rotation().isPresent();
        if (isOther) {
            p.change("Rotation: swap any two leads where it turns the wrong way.");
        }
        p.change(PROVE);
        p.add(
                "rotation",
                wanted,
                given,
                isOther ? NEEDS_CHANGE : LIKE_FOR_LIKE,
                Mark.PHYSICS,
                isOther
                        ? "three phases turn either way: swap any two leads, prove it"
                        : "three phases turn either way: prove it");
    }

    private static void shaft(MotorPair p) {
        Optional<Double> old = p.needed.number("shaftDiameterInches");
        Optional<Double> now = p.offered.number("shaftDiameterInches");
        if (old.isPresent() && now.isPresent()) {
            boolean same = Math.abs(old.get() - now.get()) <= MotorLimits.SHAFT_WITHIN_INCHES;
            p.add(
                    "shaftDiameterInches",
                    MotorPair.worded(old, "in"),
                    MotorPair.worded(now, "in"),
                    same ? LIKE_FOR_LIKE : REFUSED,
                    Mark.PRACTICE,
                    same ? "same shaft" : "the hub does not sit on another shaft");
        } else if (!shaftByFrame(p)) {
            p.ask("Measure both shafts: diameter equal, length enough for the hub.");
        }
        Optional<Double> oldLength = p.needed.number("shaftLengthInches");
        Optional<Double> length = p.offered.number("shaftLengthInches");
        if (oldLength.isPresent() && length.isPresent()) {
            boolean shorter = length.get() < oldLength.get();
            boolean same = length.get().equals(oldLength.get());
            if (!same) {
                p.ask(
                        shorter
                                ? "Does the hub still sit at its depth on the shorter shaft?"
                                : "Is there room for the longer shaft?");
            }
            p.add(
                    "shaftLengthInches",
                    MotorPair.worded(oldLength, "in"),
                    MotorPair.worded(length, "in"),
                    same ? LIKE_FOR_LIKE : shorter ? UNDECIDED : SUITABLE,
                    Mark.PRACTICE,
                    same
                            ? "same length"
                            : shorter ? "enough only if the hub needs no more" : "longer is fine where there is room");
        }
    }

    /** Shafts that were not measured, by the standard's table for the frames. Whether it tells both. */
    private static boolean shaftByFrame(MotorPair p) {
        Optional<Double> old = p.needed.shaftInches();
        Optional<Double> now = p.offered.shaftInches();
        if (old.isEmpty() || now.isEmpty()) {
            return false;
        }
        boolean same = Math.abs(old.get() - now.get()) <= MotorLimits.SHAFT_WITHIN_INCHES;
        p.add(
                "shaftDiameterInches",
                MotorPair.worded(old, "in"),
                MotorPair.worded(now, "in"),
                same ? LIKE_FOR_LIKE : REFUSED,
                NEMA,
                same ? "the same by their frames" : "by their frames the hub does not sit on it");
        return true;
    }

    private static void frame(MotorPair p) {
        Optional<String> old = p.needed.text("frame");
        Optional<String> now = p.offered.text("frame");
        if (old.isEmpty() || now.isEmpty()) {
            return;
        }
        String oldNumber = old.get().replaceAll("[^0-9]", "");
        String number = now.get().replaceAll("[^0-9]", "");
        if (old.get().equalsIgnoreCase(now.get())) {
            p.add("frame", old.get(), now.get(), LIKE_FOR_LIKE, NEMA, "same frame");
        } else if (oldNumber.equals(number)) {
            p.ask("The letter behind the frame differs: compare shaft and mount.");
            p.add("frame", old.get(), now.get(), SUITABLE, NEMA, "same frame number, another shaft or mount");
        } else {
            p.ask("Compare the mount: the frames differ.");
            p.add(
                    "frame",
                    old.get(),
                    now.get(),
                    UNDECIDED,
                    NEMA,
                    "another frame number{}: the mount may differ too",
                    heights(old.get(), now.get()));
        }
    }

    /** {@code , shaft height 3 in against 3.5 in}; empty where the frames do not tell it. */
    private static String heights(String old, String now) {
        Optional<NemaFrame> was = NemaFrame.of(old);
        Optional<NemaFrame> is = NemaFrame.of(now);
        return was.isEmpty() || is.isEmpty()
                ? ""
                : ", shaft height " + Figures.plain(was.get().shaftHeightInches()) + " in against "
                        + Figures.plain(is.get().shaftHeightInches()) + " in";
    }

    private static void enclosure(MotorPair p) {
        Optional<String> old = p.needed.text("enclosure");
        Optional<String> now = p.offered.text("enclosure");
        if (old.isEmpty()) {
            boolean isOpen = now.isPresent() && !IN_RAIN.contains(now.get());
            if (isOpen && !Boolean.TRUE.equals(p.circuit.role().isIndoors())) {
                p.ask("Does it stand in the rain, and is the old one closed? An open motor drowns outdoors.");
                p.add(
                        "enclosure",
                        NOT_ON_LABEL,
                        now.get(),
                        UNDECIDED,
                        Mark.PRACTICE,
                        "the old one's is not on its label, and this one is open");
            } else if (now.isPresent()) {
                p.silent("enclosure", NOT_ON_LABEL, now.get(), "Which enclosure has the old one?");
            }
            return;
        }
        boolean rain = IN_RAIN.contains(old.get());
        if (now.isEmpty()) {
            p.ask("Is it totally enclosed?");
            p.add(
                    "enclosure",
                    old.get(),
                    NOT_ON_LABEL,
                    rain ? UNDECIDED : SUITABLE,
                    Mark.PRACTICE,
                    "outdoors only a closed motor lasts");
        } else if (old.equals(now)) {
            p.add("enclosure", old.get(), now.get(), LIKE_FOR_LIKE, Mark.PRACTICE, "same enclosure");
        } else if (rain && !IN_RAIN.contains(now.get())) {
            p.add("enclosure", old.get(), now.get(), REFUSED, Mark.PRACTICE, "an open motor drowns in the rain");
        } else {
            if (now.get().equals("TEAO")) {
                p.ask("Does the blade's own air blow over it? An air-over motor needs it.");
            }
            p.add("enclosure", old.get(), now.get(), SUITABLE, Mark.PRACTICE, "closed as well");
        }
    }

    private static void protection(MotorPair p) {
        Optional<Boolean> old = p.needed.spec().flag("thermallyProtected");
        Optional<Boolean> now = p.offered.spec().flag("thermallyProtected");
        String wanted = old.map(FitRules::yes).orElse(NOT_ON_LABEL);
        String given = now.map(FitRules::yes).orElse(NOT_ON_LABEL);
        boolean isLost = now.filter(t -> !t).isPresent();
        if (old.isEmpty() && isLost) {
            p.ask("Is the old one thermally protected? Most are.");
            p.add(
                    "thermallyProtected",
                    wanted,
                    given,
                    UNDECIDED,
                    Mark.PRACTICE,
                    "the old one's label does not say, and this one is not");
        } else if (old.orElse(false)) {
            if (now.isEmpty()) {
                p.ask("Is it thermally protected, as the old one is?");
            }
            p.add(
                    "thermallyProtected",
                    wanted,
                    given,
                    now.isEmpty() ? UNDECIDED : isLost ? REFUSED : LIKE_FOR_LIKE,
                    Mark.PRACTICE,
                    "thermal protection is kept");
        }
    }

    private static String yes(boolean isSo) {
        return isSo ? "yes" : "no";
    }

    private static void bearing(MotorPair p) {
        boolean up = position(p.needed).equals("up");
        boolean sleeve = p.offered.text("bearing").filter("SLEEVE"::equals).isPresent();
        boolean wasBall = p.needed.text("bearing").filter("BALL"::equals).isPresent();
        boolean marked = position(p.offered).matches("up|any|all.*");
        boolean belt = p.needed.text("drive").filter("BELT"::equals).isPresent();
        if (up && sleeve && !marked) {
            p.add(
                    "bearing",
                    "shaft up",
                    "sleeve",
                    REFUSED,
                    Mark.PRACTICE,
                    "sleeve bearings do not run shaft-up unless marked for it");
        } else if (sleeve && wasBall && belt) {
            p.ask("Do sleeve bearings stand the belt's pull? The old motor has ball bearings.");
            p.add(
                    "bearing",
                    "ball",
                    "sleeve",
                    UNDECIDED,
                    Mark.PRACTICE,
                    "a belt pulls sideways: its own sheet says whether sleeves stand it");
        }
    }

    private static String position(MotorRating motor) {
        return Letters.small(motor.text("shaftPosition").orElse(""))
                .replace("shaft", "")
                .strip();
    }

    /** Motors in the indoor air obey the rule of flammable refrigerants; where it stands outdoors they do not. */
    private static void refrigerant(MotorPair p) {
        if (!Boolean.FALSE.equals(p.circuit.role().isIndoors())) {
            FlammableRefrigerant.rule(p, "motor");
        }
    }
}
