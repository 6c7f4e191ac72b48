package zestbench.core.plate;

import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The names that figures on a rating plate stand beside, in the forms they are printed. */
final class PlateWords {
    static final String NUMBER = "(\\d{1,4}(?:[.,]\\d{1,2})?)";
    static final String GAP = "[ \\t:.=#-]{0,4}";

    /** Figures with their names. The name comes first, or behind the figure where the second form says so. */
    record Figure(String field, Pattern before, @Nullable Pattern behind) {
        static Figure named(String field, String name) {
            return new Figure(
                    field,
                    Pattern.compile("(?:" + name + ")" + GAP + "(?:is )?" + NUMBER),
                    Pattern.compile("(?<!qty )(?<!qty: )" + NUMBER + " ?(?:a |amps? )?(?:" + name + ")(?![a-z])"));
        }

        static Figure only(String field, String pattern) {
            return new Figure(field, Pattern.compile(pattern), null);
        }
    }

    static final List<Figure> FIGURES = List.of(
            Figure.named(
                    "minimumCircuitAmps", "m\\.?c\\.?a\\.?|min(?:imum)?\\.? (?:circuit|ckt\\.?) amp(?:acity|s|eres)?"),
            Figure.named("branchCircuitSelectionAmps", "bcsc|branch circuit selection(?: current)?"),
            Figure.named("shortCircuitKiloamps", "sccr|short[- ]circuit (?:current )?rating"),
            Figure.only("heaterKilowatts", "heat(?:er)?s?[^\\n\\d]{0,12}" + NUMBER + " ?kw"),
            Figure.only("heaterAmps", "heat(?:er)?s?[^\\n\\d]{0,12}" + NUMBER + " ?a(?:mps)?(?![a-z])"),
            Figure.only("crankcaseHeaterWatts", "crankcase(?: heater)?[ :]{0,3}" + NUMBER + " ?w"),
            Figure.only("targetSubcoolingFahrenheit", "sub ?-?cool(?:ing)?[^\\n\\d]{0,12}" + NUMBER),
            Figure.only("highSideDesignPsig", "(?<![a-z])high(?: side)?[^\\n\\d]{0,10}(\\d{3}) ?(?:psi|psig)?"),
            Figure.only("lowSideDesignPsig", "(?<![a-z])low(?: side)?[^\\n\\d]{0,10}(\\d{3}) ?(?:psi|psig)?"));

    private static final String PSI = "(?: ?psig?)?";
    private static final String HIGH = "(?:high|hi|h)(?: ?side)?(?![a-z])";
    private static final String LOW = "(?:low|lo|l)(?: ?side)?(?![a-z])";

    /** Design pressures in pairs, the word in front of its figure or behind it. */
    static final List<Pattern> DESIGN = List.of(
            Pattern.compile("(?:design|test) (?:test )?pressures?[ :]{1,3}(?<high>\\d{3})" + PSI + " ?" + HIGH
                    + "[ ,/]{1,3}(?<low>\\d{3})" + PSI + " ?" + LOW),
            Pattern.compile("(?<![a-z])" + HIGH + "[ :=]{0,3}(?<high>\\d{3})" + PSI + "[ ,/\\n]{1,3}" + LOW
                    + "[ :=]{0,3}(?<low>\\d{3})" + PSI),
            Pattern.compile(
                    "(?<![\\d.])(?<high>\\d{3})" + PSI + " " + HIGH + "[ ,/\\n]{1,3}(?<low>\\d{3})" + PSI + " " + LOW));

    static final Pattern MAX_DESIGN = Pattern.compile(
            "(?:max(?:imum)?\\.? )?design (?:test )?pressure[ :]{0,3}(\\d{3})(?: ?psig?)?(?! ?psig? ?(?:high|hi|low|lo)| (?:high|hi|low|lo))");

    /** {@code QTY 2}, {@code (2)}, {@code COMPRESSORS 1 & 2}. */
    static final Pattern TIMES = Pattern.compile(
            "qty[ .:=]{0,3}(\\d)(?!\\d)|\\((\\d)\\)|(?:compressors?|compr?|fans?|motors?)[ #]{0,2}1 ?(?:&|and|,) ?(2)(?!\\d)");

    static final Pattern MODEL =
            Pattern.compile("(?:model|mod\\.?|m/n)(?: no\\.?| number)?" + GAP + "([a-z0-9][a-z0-9/-]{3,24})");
    static final Pattern SERIAL =
            Pattern.compile("(?:serial|ser\\.?|s/n)(?: no\\.?| number)?" + GAP + "([a-z0-9][a-z0-9-]{3,24})");
    static final Pattern MADE = Pattern.compile(
            "(?:mfd|mfr|mfg|manufactured|made)(?: date| on| in)?" + GAP + "(\\d{1,2})[/-]((?:19|20)\\d{2})");
    static final Pattern SUPPLY = Pattern.compile(
            "(\\d{3})(?:/(\\d{3}))? ?v?(?:olts?)?[-/, ]{1,2}([13])(?: ?ph(?:ase)?)?[-/, ]{1,2}(50|60)(?: ?hz)?");
    static final Pattern VOLTS = Pattern.compile("(?:volts?|v)" + GAP
            + "(\\d{3})(?:[/-](\\d{3}))?(?!\\d)|(?<!\\d)(\\d{3})(?:[/-](\\d{3}))? ?v(?:ac|olts?)?(?![a-z])");
    static final Pattern PHASE = Pattern.compile("ph(?:ase)?" + GAP + "([13])(?!\\d)|(?<![\\d/])([13]) ?ph(?:ase)?");
    static final Pattern HERTZ = Pattern.compile("(?:hz|hertz|cycles)" + GAP + "(50|60)|(50|60) ?(?:hz|hertz)");
    static final Pattern RANGE = Pattern.compile(
            "(?:permissible|operating|utilization)? ?(?:volt(?:age|s)?)[a-z ]{0,12}(?:range)?[: ]{0,3}(?:min(?:imum)?\\.?)?[: ]{0,2}(\\d{3})(?: ?v)?(?: ?min(?:imum)?\\.?)?(?: ?to ?|[ ,/-]{1,3})(?:max(?:imum)?\\.?)?[: ]{0,2}(\\d{3})(?: ?v)?(?: ?max(?:imum)?\\.?)?");
    static final Pattern PROTECTION = Pattern.compile(
            "(max(?:imum)?\\.?[^\\n\\d]{0,30}|m\\.?o\\.?(?:c\\.?)?p\\.?[^\\n\\d]{0,20})(\\d{2,3})(?!\\d|\\.\\d)");
    static final Figure RLA = Figure.named("ratedLoadAmps", "r\\.?l\\.?a\\.?");
    static final Figure LRA = Figure.named("lockedRotorAmps", "l\\.?r\\.?a\\.?");
    static final Figure FLA = Figure.named("fullLoadAmps", "f\\.?l\\.?a\\.?");
    static final Pattern POWER = Pattern.compile(
            "(?:(\\d)/(\\d{1,2})|(\\d?\\.\\d{1,2})) ?hp|hp" + GAP + "(?:(\\d)/(\\d{1,2})|(\\d?\\.\\d{1,2}))");
    static final Pattern REFRIGERANT = Pattern.compile(
            "(?<![a-z])r ?-? ?(22|32|410a|407c|134a|454[abc]|452b|455a|457a|459a|444a|446a|447a|290|600a|1270|152a|1234yf|404a|717)(?![a-z0-9])");
    static final Pattern CHARGE = Pattern.compile(NUMBER + " ?lbs?\\.?(?: ?" + NUMBER + " ?oz)?|" + NUMBER + " ?oz");
    static final Pattern VALVE = Pattern.compile("txv|tev|expansion valve|metering valve");
    static final Pattern ORIFICE = Pattern.compile("piston|fixed orifice|orifice");
    /** A refrigerant that a coil or its valve is made for alone. */
    static final Pattern ONLY =
            Pattern.compile("(?:r ?-? ?\\d{2,4}[a-z]?[a-z ]{0,12}only|only[a-z ]{0,12}r ?-? ?\\d{2,4}[a-z]?)");

    /** The fuse class that a short-circuit rating holds with. */
    static final Pattern FUSE_CLASS = Pattern.compile("class[ :]{0,2}(rk1|rk5|cc|j|t|g)(?![a-z0-9])");

    static final Pattern INDOOR = Pattern.compile("indoor|blower|evap|i\\.?d\\.? ?(?:fan|motor|mtr)");

    static final Pattern NEXT_ROW = Pattern.compile("outdoor|indoor|fan|blower|motor|mtr|heat");

    static final Pattern COIL = Pattern.compile("coil|evaporator|air handler");

    /** Headings of rows; by themselves they say nothing that could go unread. */
    static final Pattern HEADING = Pattern.compile(
            "compressors?|compr?\\.?|outdoor|indoor|o\\.?d\\.?|i\\.?d\\.?|fans?|blower|motors?|mtr\\.?|heater|unit|coil",
            Pattern.CASE_INSENSITIVE);

    private PlateWords() {}
}
