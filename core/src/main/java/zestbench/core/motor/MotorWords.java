package zestbench.core.motor;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import zestbench.core.label.Grammar;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/** The words and codes of a motor's label: rotation and where it is seen from, frame, enclosure, kind, what protects it. */
final class MotorWords extends MotorReader {
    private static final Pattern ROTATION = Pattern.compile("(cc?w)(le|se)?");
    private static final Set<String> LEAD_END = Set.of("le", "lead", "leads", "ose", "ode", "opposite");
    private static final Set<String> SHAFT_END = Set.of("se", "shaft", "de", "drive");
    private static final Set<String> JOINS = Set.of(
            "-",
            "/",
            "(",
            ",",
            ":",
            "from",
            "facing",
            "viewed",
            "seen",
            "view",
            "looking",
            "at",
            "end",
            "the",
            "on",
            "rot",
            "rotation");

    /** Phrases, the longer before the shorter, with the field and what it comes to. */
    private record Phrase(List<String> words, String field, Value value) {
        static Phrase of(String words, String field, String value) {
            return new Phrase(List.of(words.split(" ")), field, Value.of(value));
        }
    }

    private static final List<Phrase> PHRASES = List.of(
            Phrase.of("totally enclosed air over", "enclosure", "TEAO"),
            Phrase.of("totally enclosed non ventilated", "enclosure", "TENV"),
            Phrase.of("totally enclosed nonventilated", "enclosure", "TENV"),
            Phrase.of("totally enclosed fan cooled", "enclosure", "TEFC"),
            Phrase.of("open drip proof", "enclosure", "ODP"),
            Phrase.of("open dripproof", "enclosure", "ODP"),
            Phrase.of("open air over", "enclosure", "OPEN"),
            Phrase.of("teao", "enclosure", "TEAO"),
            Phrase.of("tenv", "enclosure", "TENV"),
            Phrase.of("tefc", "enclosure", "TEFC"),
            Phrase.of("odp", "enclosure", "ODP"),
            Phrase.of("oao", "enclosure", "OPEN"),
            Phrase.of("open", "enclosure", "OPEN"),
            Phrase.of("permanent split capacitor", "type", "PSC"),
            Phrase.of("perm split cap", "type", "PSC"),
            Phrase.of("psc", "type", "PSC"),
            Phrase.of("shaded pole", "type", "SHADED_POLE"),
            Phrase.of("split phase", "type", "SPLIT_PHASE"),
            Phrase.of("constant torque", "type", "CONSTANT_TORQUE"),
            Phrase.of("const torque", "type", "CONSTANT_TORQUE"),
            Phrase.of("constant airflow", "type", "CONSTANT_AIRFLOW"),
            Phrase.of("constant cfm", "type", "CONSTANT_AIRFLOW"),
            Phrase.of("const airflow", "type", "CONSTANT_AIRFLOW"),
            Phrase.of("direct drive", "drive", "DIRECT"),
            Phrase.of("belt drive", "drive", "BELT"),
            Phrase.of("sleeve", "bearing", "SLEEVE"),
            Phrase.of("ball", "bearing", "BALL"),
            Phrase.of("belly band", "mount", "belly band"),
            Phrase.of("band mount", "mount", "belly band"),
            Phrase.of("stud mount", "mount", "studs"),
            Phrase.of("studs", "mount", "studs"),
            Phrase.of("resilient base", "mount", "resilient base"),
            Phrase.of("rigid base", "mount", "rigid base"),
            Phrase.of("ring mount", "mount", "ring"),
            Phrase.of("shaft up", "shaftPosition", "up"),
            Phrase.of("shaft down", "shaftPosition", "down"),
            Phrase.of("all angle", "shaftPosition", "any"),
            Phrase.of("horizontal", "shaftPosition", "horizontal"),
            Phrase.of("counter clockwise", "rotation", "CCW"),
            Phrase.of("counterclockwise", "rotation", "CCW"),
            Phrase.of("anti clockwise", "rotation", "CCW"),
            Phrase.of("anticlockwise", "rotation", "CCW"),
            Phrase.of("clockwise", "rotation", "CW"),
            Phrase.of("reversible", "rotation", "REVERSIBLE"),
            Phrase.of("rev", "rotation", "REVERSIBLE"));

    private static final Map<String, Boolean> PROTECTED = Map.of("yes", true, "none", false, "no", false);

    MotorWords(Grammar grammar) {
        super(grammar);
    }

    /** {@code FR 48Y}, {@code FRAME 143T}: the letters behind the figure are part of it. */
    void frame() {
        for (int i = 0; i < grammar.size(); i++) {
            if (!isWord(i, Set.of("fr", "frame", "frm")) || grammar.has("frame")) {
                continue;
            }
            int at = i + 1;
            while (grammar.is(at, ":") || grammar.is(at, ".") || grammar.is(at, "=")) {
                at++;
            }
            if (!grammar.free(at)) {
                continue;
            }
            int end = at + 1;
            while (end < grammar.size() && grammar.free(end) && grammar.touches(end) && isLetterOrDigit(end)) {
                end++;
            }
            String printed = grammar.printed(at, end);
            if (printed.matches("[A-Za-z]?[0-9]{2,3}[A-Za-z]{0,3}")) {
                grammar.read("frame", Value.of(Letters.large(printed)), i, end);
            }
        }
    }

    private boolean isLetterOrDigit(int i) {
        return Character.isLetterOrDigit(grammar.printed(i, i + 1).charAt(0));
    }

    /** Codes of a class or a protection, before their letters can be taken for units. */
    void codes() {
        for (int i = 0; i < grammar.size(); i++) {
            insulation(i);
            protection(i);
        }
    }

    private void insulation(int i) {
        boolean isNamed = isWord(i, Set.of("ins", "insul", "insulation"));
        if (!isNamed && !isWord(i, Set.of("class", "cl"))) {
            return;
        }
        int at = i + 1;
        while (isWord(at, Set.of("cl", "class", "sys", "system")) || grammar.is(at, ".") || grammar.is(at, ":")) {
            at++;
        }
        if (grammar.free(at) && grammar.printed(at, at + 1).matches("[ABFHabfh]")) {
            grammar.read("insulationClass", Value.of(Letters.large(grammar.printed(at, at + 1))), i, at + 1);
        }
    }

    private void protection(int i) {
        if (grammar.has("thermallyProtected")) {
            return;
        }
        boolean isThermal = isWord(i, Set.of("thermally", "thermal", "therm"));
        boolean isOther = isWord(i, Set.of("impedance", "inherently", "auto", "automatic"));
        int next = grammar.is(i + 1, ".") ? i + 2 : i + 1;
        if ((isThermal || isOther)
                && isWord(next, Set.of("protected", "protection", "protector", "prot", "overload", "thermal"))) {
            int to = next + 1;
            boolean isNot = isWord(i - 1, Set.of("not", "non", "no"));
            int value = grammar.is(to, ":") || grammar.is(to, ".") ? to + 1 : to;
            Boolean said = grammar.free(value) ? PROTECTED.get(grammar.at(value).word()) : null;
            grammar.read(
                    "thermallyProtected",
                    Value.of(said != null ? said : !isNot),
                    isNot ? i - 1 : i,
                    said != null ? value + 1 : to);
        } else if (isWord(i, Set.of("tp"))) {
            grammar.read("thermallyProtected", Value.of(true), i, i + 1);
        }
    }

    /** {@code CWLE}, {@code CW-SE}, {@code CCW facing lead end}, {@code CW/CCW}, {@code REV}. */
    void rotation() {
        for (int i = 0; i < grammar.size() && !grammar.has("rotation"); i++) {
            if (!grammar.free(i) || grammar.isNumber(i)) {
                continue;
            }
            Matcher code = ROTATION.matcher(grammar.at(i).word());
            if (code.matches()) {
                int other = grammar.is(i + 1, "/") || grammar.is(i + 1, "-") || grammar.is(i + 1, "or") ? i + 2 : i + 1;
                boolean isEither = grammar.free(other)
                        && ROTATION.matcher(grammar.at(other).word()).matches()
                        && !grammar.at(other).word().startsWith(code.group(1).equals("cw") ? "cw" : "ccw");
                if (isEither) {
                    grammar.read("rotation", Value.of("REVERSIBLE"), i, other + 1);
                    return;
                }
                grammar.read("rotation", Value.of(code.group(1).equals("cw") ? "CW" : "CCW"), i, i + 1);
                if (code.group(2) != null) {
                    grammar.set("rotationView", Value.of(code.group(2).equals("le") ? "LEAD_END" : "SHAFT_END"));
                    grammar.cite("rotationView", i, i + 1, 0.97);
                } else {
                    view(i + 1);
                }
            } else if (phrase(i, "rotation")) {
                if (!grammar.is("rotation", Value.of("REVERSIBLE"))) {
                    view(i);
                }
            }
        }
    }

    /** Where the rotation is seen from, in the words that follow it. */
    private void view(int from) {
        int at = from;
        while (at < grammar.size()
                && at < from + 8
                && (!grammar.free(at) || JOINS.contains(grammar.at(at).word()))) {
            at++;
        }
        boolean isLead = isWord(at, LEAD_END);
        if (isLead || isWord(at, SHAFT_END)) {
            int to = at + 1;
            while (isWord(to, Set.of("end", "shaft", "drive")) && to < at + 3) {
                to++;
            }
            grammar.read("rotationView", Value.of(isLead ? "LEAD_END" : "SHAFT_END"), at, to);
            for (int i = from; i < at; i++) {
                grammar.skip(i, i + 1);
            }
        }
    }

    /** Every other phrase. */
    void kinds() {
        for (int i = 0; i < grammar.size(); i++) {
            phrase(i, "");
        }
    }

    /** Takes the first phrase that starts at {@code i}. @param only the one field that is asked for; empty for any */
    private boolean phrase(int i, String only) {
        for (Phrase phrase : PHRASES) {
            if ((only.isEmpty() || phrase.field().equals(only)) && !grammar.has(phrase.field())) {
                int end = matched(phrase.words(), i);
                if (end > i) {
                    grammar.read(phrase.field(), phrase.value(), i, end);
                    return true;
                }
            }
        }
        return false;
    }

    private int matched(List<String> words, int from) {
        int at = from;
        for (String word : words) {
            if (at > from && grammar.is(at, "-")) {
                at++;
            }
            if (!grammar.free(at)
                    || grammar.isNumber(at)
                    || !grammar.at(at).word().equals(word)) {
                return from;
            }
            at++;
        }
        return at;
    }
}
