package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Meaning.Spoken;
import zestbench.core.label.Meaning.Spoken.Part;

/** Joins atoms to what a reader goes by: numbers said in words, and numbers that stand together. */
final class Joiner extends SaidNumbers {
    private static final String SIGNS = "/-+÷";
    private static final double HEARD = 0.3;
    /** No figure of a label has more numbers. */
    private static final int MOST_JOINED = 12;

    private static final double LEAST_OF_HUNDREDS = 100;
    /** A supply that is named by both its volts, and printed with a blank between them at times: 208 230. */
    private static final double LOWER = 208;

    private static final Set<Double> HIGHER = Set.of(230.0, 240.0);

    private static final double FIRST_YEAR = 1970;
    private static final double LAST_YEAR = 2060;

    private final String plain;
    private final Spelled said;
    private final List<Item> out = new ArrayList<>();

    private Joiner(List<Item> atoms, String plain) {
        super(atoms);
        this.plain = plain;
        this.said = new Spelled(atoms);
    }

    /** @param plain the text that was cut */
    static List<Item> items(List<Item> atoms, String plain) {
        Joiner joiner = new Joiner(atoms, plain);
        joiner.run();
        return joiner.out;
    }

    private void run() {
        while (at < atoms.size()) {
            int from = at;
            Item first = atoms.get(from);
            int spelled = said.end(from);
            Figure figure = spelled > from ? null : figure();
            if (spelled > from) {
                at = spelled;
                out.add(first.upTo(atoms.get(at - 1), Item.Kind.SPELLED, null, said.text(from, at), HEARD));
            } else if (figure == null || at == from) {
                at = from + 1;
                out.add(first);
            } else {
                boolean isEnclosed = from > 0 && isSign(from - 1, "(") && isSign(at, ")");
                Figure told = isEnclosed ? figure.enclosed() : figure;
                out.add(first.upTo(atoms.get(at - 1), Item.Kind.NUMBER, told, written(from, at), cost(from, at)));
            }
        }
    }

    private String written(int from, int to) {
        StringBuilder text = new StringBuilder();
        atoms.subList(from, to).forEach(atom -> text.append(atom.text()));
        return text.toString();
    }

    private double cost(int from, int to) {
        double cost = 0;
        for (Item atom : atoms.subList(from, to)) {
            cost = Math.max(cost, atom.isFigure() ? atom.cost() : atom.spoken() != null ? HEARD : 0);
        }
        return cost;
    }

    private @Nullable Figure figure() {
        boolean isSigned = isSign(at, "+") || isSign(at, "-");
        Double number = number();
        if (number == null) {
            return null;
        }
        List<Double> numbers = new ArrayList<>();
        StringBuilder joins = new StringBuilder();
        numbers.add(number);
        while (true) {
            int back = at;
            char join = numbers.size() < MOST_JOINED ? join() : 0;
            Double next = join == 0 ? null : number();
            boolean isOther = join == ' ' && next != null && !isLikeBefore(numbers, next);
            if (next == null || isOther) {
                at = back;
                return new Figure(numbers, joins.toString(), isSigned);
            }
            numbers.add(next);
            joins.append(join);
        }
    }

    /** Whether a number said behind others goes on with them: behind volts in hundreds no tenths follow. */
    private static boolean isLikeBefore(List<Double> numbers, double next) {
        double last = numbers.get(numbers.size() - 1);
        boolean isFraction = next < 1;
        boolean hasTenths = next != Math.rint(next);
        boolean hadTenths = last != Math.rint(last);
        return isFraction || !hasTenths || hadTenths || last < LEAST_OF_HUNDREDS;
    }

    /** The sign between two numbers; 0 where none stands. A blank joins a whole number and a fraction, and what is spoken. */
    private char join() {
        if (at >= atoms.size()) {
            return 0;
        }
        Item atom = atoms.get(at);
        if (atom.kind() == Item.Kind.SIGN && SIGNS.contains(atom.text())) {
            if (isOfTemperature()) {
                return 0;
            }
            at++;
            boolean isLong = false;
            while (isSign(at, atom.text())) {
                at++;
                isLong = true;
            }
            return isLong && !atom.text().equals("-") ? 0 : atom.text().charAt(0);
        }
        if (isDots(at)) {
            at++;
            return '-';
        }
        char ofBoth = betweenUnits(atom);
        if (ofBoth != 0) {
            at += 2;
            return ofBoth;
        }
        Spoken spoken = atom.spoken();
        if (spoken != null && spoken.part() == Part.JOIN) {
            at++;
            return (char) spoken.value();
        }
        if (spoken != null && spoken.part() == Part.AND) {
            at++;
            return '&';
        }
        if (isSign(at, "&")) {
            at++;
            return '&';
        }
        boolean isSpoken = spoken != null
                && spoken.part() != Part.POINT
                && spoken.part() != Part.HALF
                && spoken.part() != Part.SHARE;
        if (isSpoken && at > 0 && atoms.get(at - 1).spoken() != null) {
            return ' ';
        }
        Spoken before = at > 0 ? atoms.get(at - 1).spoken() : null;
        boolean isYear = before != null
                && before.part() == Part.DIGIT
                && atom.isFigure()
                && atom.number() >= FIRST_YEAR
                && atom.number() <= LAST_YEAR;
        if (isYear) {
            return ' ';
        }
        Item last = atoms.get(at - 1);
        boolean isSupply = last.isFigure()
                && atom.isFigure()
                && last.number() == LOWER
                && HIGHER.contains(atom.number())
                && plain.substring(last.end(), atom.start()).equals(" ");
        if (isSupply) {
            return ' ';
        }
        boolean isBeforeFraction = atom.isFigure()
                && !atom.isGap()
                && atoms.get(at - 1).isWhole()
                && atom.isWhole()
                && isSign(at + 1, "/")
                && at + 2 < atoms.size()
                && atoms.get(at + 2).isWhole()
                && atom.number() < atoms.get(at + 2).number()
                && plain.substring(atoms.get(at - 1).end(), atom.start()).equals(" ")
                && atom.end() - atom.start() <= 2
                && atoms.get(at - 1).number() < 20;
        return isBeforeFraction ? ' ' : 0;
    }

    /** Whether this sign belongs to a temperature behind it, as in 440 -40/+70°C: nothing else on a label lies below nought. */
    private boolean isOfTemperature() {
        boolean isGluedToNext = (isSign(at, "-") || isSign(at, "+"))
                && atoms.get(at - 1).end() < atoms.get(at).start()
                && isFigure(at + 1)
                && atoms.get(at).end() == atoms.get(at + 1).start();
        if (!isGluedToNext) {
            return false;
        }
        int hot = at + (isSign(at + 3, "+") || isSign(at + 3, "-") ? 4 : 3);
        boolean isSpan = (isSign(at + 2, "/") || isTo(at + 2)) && isFigure(hot);
        return isTemperature(at + 2) || (isSpan && isTemperature(hot + 1));
    }

    private boolean isFigure(int i) {
        return i < atoms.size() && atoms.get(i).isFigure();
    }

    private boolean isTemperature(int i) {
        Unit unit = i < atoms.size() ? atoms.get(i).unit() : null;
        return unit == Unit.CELSIUS || unit == Unit.FAHRENHEIT;
    }

    /** Whether a word says that a range goes on. */
    private boolean isTo(int i) {
        Spoken spoken = i < atoms.size() ? atoms.get(i).spoken() : null;
        return spoken != null && spoken.part() == Part.JOIN && spoken.value() == '-';
    }

    /** What stands between two numbers where each has the unit behind it, as 29 bar / 20,5 bar or -40°C to +70°C; 0 for nothing. */
    private char betweenUnits(Item atom) {
        int second = at + (isSign(at + 2, "+") || isSign(at + 2, "-") ? 3 : 2);
        boolean isOfBoth = isUnit(atom)
                && second + 1 < atoms.size()
                && isFigure(second)
                && atoms.get(second + 1).unit() == atom.unit();
        if (!isOfBoth) {
            return 0;
        }
        return isSign(at + 1, "/") ? '/' : isTo(at + 1) ? '-' : 0;
    }

    private static boolean isUnit(Item atom) {
        return atom.unit() != null;
    }

    private boolean isDots(int i) {
        return isSign(i, "…");
    }

    private boolean isSign(int i, String sign) {
        return i < atoms.size() && atoms.get(i).isSign(sign);
    }

    /** One number here, printed or said; null, with nothing passed, where none is. */
    private @Nullable Double number() {
        int back = at;
        int sign = 1;
        boolean isGlued = at > 0
                && (atoms.get(at - 1).kind() == Item.Kind.WORD
                        || atoms.get(at - 1).kind() == Item.Kind.PHRASE)
                && at < atoms.size()
                && atoms.get(at - 1).end() == atoms.get(at).start();
        if ((isSign(at, "-") || isSign(at, "+"))
                && !isGlued
                && at + 1 < atoms.size()
                && atoms.get(at).end() == atoms.get(at + 1).start()) {
            sign = isSign(at, "-") ? -1 : 1;
            at++;
        }
        if (at < atoms.size() && atoms.get(at).isFigure()) {
            double number = atoms.get(at).number();
            at++;
            boolean hasFraction = at < atoms.size()
                    && isFractionSign(at)
                    && atoms.get(at).start() == atoms.get(at - 1).end();
            if (hasFraction) {
                number += atoms.get(at).number();
                at++;
            } else {
                number += point() + half();
            }
            return sign * number;
        }
        Double said = sign == 1 ? said() : null;
        if (said == null) {
            at = back;
        }
        return said;
    }

    private boolean isFractionSign(int i) {
        Item atom = atoms.get(i);
        return atom.isFigure() && atom.text().isEmpty() && atom.number() < 1;
    }
}
