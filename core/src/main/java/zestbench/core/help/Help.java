package zestbench.core.help;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Mark;

/**
 * Why a step is as it is.
 *
 * @param title what it answers, as one would ask it
 * @param picture that says more than words; null where none does
 */
public record Help(String title, List<Rule> rules, @Nullable Picture picture) {
    /** A rule in one or two sentences, with where it comes from. */
    public record Rule(String text, Mark mark) {}

    /** What is drawn. */
    public enum Picture {
        DUAL_TERMINALS,
        METER_ON_CAPACITOR,
        COMMON_RUN_START,
        LINE_AND_LOAD,
        MOTOR_ENDS
    }

    public Help {
        rules = List.copyOf(rules);
    }

    public static Help of(String title, Rule... rules) {
        return new Help(title, List.of(rules), null);
    }

    /** The same with a picture. */
    public Help with(Picture drawn) {
        return new Help(title, rules, drawn);
    }

    public static Rule practice(String text) {
        return new Rule(text, Mark.PRACTICE);
    }

    public static Rule physics(String text) {
        return new Rule(text, Mark.PHYSICS);
    }

    public static Rule standard(String nameAndClause, String text) {
        return new Rule(text, Mark.standard(nameAndClause));
    }

    /** Of a step, whatever part it is about. */
    public static Help of(Topic topic) {
        return switch (topic) {
            case READ ->
                of(
                        "Why is a figure asked for again?",
                        practice(
                                "What the label prints counts. A figure that cannot be read is asked for, never made up."),
                        practice("Where such a figure decides, the match waits for it: first confirm, then take."));
            case TEST ->
                of(
                        "Why power off, and leads off?",
                        practice("Power off, read dead and discharged before a bench reading."),
                        physics("With its leads on, the meter reads the rest of the circuit too."),
                        new Rule(
                                "Good means: inside both limits, the meter's own tolerance kept clear of them.",
                                Mark.GUARDED));
            case JUDGE ->
                of(
                        "What do the verdicts mean?",
                        new Rule(
                                "GOOD: inside, with the meter's tolerance to spare. FAILED: outside by more than that. "
                                        + "TOO CLOSE: within what the meter can tell; read again, or with a finer meter.",
                                Mark.GUARDED),
                        practice("WEAK: good by its label, with more than half of its lower tolerance used up."),
                        practice("A part is as bad as its worst section."));
            case MATCH ->
                of(
                        "Why this grade?",
                        practice(
                                "An offer is graded by the worst of its lines. What decides and is not known makes it UNDECIDED."),
                        practice(
                                "A match is an opinion on figures: the unit's own diagram and the part's own sheet come first."));
            case HOOK_UP ->
                of(
                        "Why by name, and not by colour?",
                        practice("A wire goes by where it comes from. Colours are no code between makers."),
                        practice("The sheet opens once every pair reads under 5 V, and closes when power is seen on."));
            case PROVE ->
                of(
                        "Why measure a new part?",
                        practice("A new piece is measured before it goes in: it has to be inside its own label."),
                        practice("Then a look before power, and amps after: running is no proof."));
            case ASK ->
                of(
                        "How are the suspects ranked?",
                        practice(
                                "By how likely each fault is after what was seen. The test that tells most for its minutes "
                                        + "and its danger comes first."),
                        practice("A thermostat with its own battery looks alive without 24 V."));
            case SAFE ->
                of(
                        "Why prove the meter twice?",
                        practice("A dead meter reads dead. Proved on a live source before and after, its zeros count."),
                        physics("A capacitor keeps its charge, ½CV²: 45 µF at the peak of 440 V is 8.7 J."),
                        practice("24 V from indoors stays live when the outdoor disconnect is pulled."));
            case PLATE ->
                of(
                        "How does a plate add up?",
                        standard(
                                "NEC 440.33",
                                "MCA = 1.25 × the largest motor + the other motors and loads that run with it."),
                        standard(
                                "NEC 440.22, 240.6(A)",
                                "Largest fuse: 2.25 × the largest + the rest, down to a standard size. Less is legal."),
                        practice("A plate that does not add up is misread, or leaves a load out."));
            case SUPPLY ->
                of(
                                "Which volts are right?",
                                standard(
                                        "NEMA MG 1, 12.44",
                                        "The plate's own range; where it has none, ±10 % of rated."),
                                standard(
                                        "NEMA MG 1, 14.36",
                                        "Unbalance: greatest distance from the mean, of the mean. Over 5 % it does not run."),
                                physics("A running motor feeds a lost leg back: read with the load off."))
                        .with(Picture.LINE_AND_LOAD);
            case WINDINGS ->
                of(
                                "How do ohms name the terminals?",
                                physics("R–S = C–R + C–S: the terminal that is not in the largest pair is C."),
                                physics(
                                        "Open to C both ways with R–S whole: the overload is open. Cool it, read again."),
                                practice("Under 0.5 MΩ to bare metal it is grounded."))
                        .with(Picture.COMMON_RUN_START);
            case AMPS ->
                of(
                        "What should it draw?",
                        practice(
                                "A compressor usually draws 60 to 100 % of RLA, which is a rating. Over 110 %: look for the cause."),
                        practice("A fan up to its FLA is good; over 110 % it stops here."),
                        practice("Low amps alone do not tell whether it pumps. Pressures do."));
            case FOUND ->
                of(
                        "Why before the first lead comes off?",
                        practice("What was where is known only until it is moved. A photo or a wire list keeps it."));
            case PROOF ->
                of(
                        "When do these figures count?",
                        practice("After 10 to 15 minutes of steady running."),
                        physics(
                                "Superheat: suction line − saturation at suction pressure. Subcooling: saturation at liquid "
                                        + "pressure − liquid line."),
                        practice("Airflow and a clean coil first, charge last."));
            case WRITE_UPS ->
                of(
                        "What belongs here?",
                        practice(
                                "What was seen and not done, with how long it can wait. It stays on the unit until it is ended."));
            case OPTIONS ->
                of(
                        "Why more than one?",
                        practice(
                                "Temporary, repair, upgrade: the customer chooses, and what was declined is kept too."));
            case LEAVE ->
                of(
                        "What stays behind?",
                        practice("The account, the panel sticker, and for what is temporary the day it comes out."));
        };
    }
}
