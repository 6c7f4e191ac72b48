package zestbench.core.label;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Meaning.Spoken;
import zestbench.core.label.Meaning.Spoken.Part;

/** Goes along atoms and takes the numbers that are said in words. */
abstract class SaidNumbers {
    final List<Item> atoms;
    /** The atom that comes next. */
    int at;

    SaidNumbers(List<Item> atoms) {
        this.atoms = atoms;
    }

    /** One number said in words here; null, with nothing passed, where none is. */
    final @Nullable Double said() {
        Double whole = null;
        if (isPart(at, Part.POINT) && isPart(at + 1, Part.DIGIT)) {
            whole = 0.0;
        } else if (isPart(at, Part.SHARE)) {
            return share();
        } else {
            Double chunk = chunk(false);
            while (chunk != null) {
                whole = whole == null ? chunk : whole * (chunk >= 10 ? 100 : 10) + chunk;
                boolean isAfterNought = chunk == 0 && whole >= 10 && whole < 100 && isPart(at, Part.DIGIT);
                boolean isNext = whole > 0 && whole < 10 && isHundreds(at);
                chunk = (whole < 20 && !isNext) || isAfterNought ? chunk(true) : null;
            }
        }
        if (whole != null && isPart(at, Part.SHARE) && (whole == 1 || whole == 3)) {
            return whole * share();
        }
        return whole == null ? null : Double.valueOf(whole + point() + half());
    }

    private double share() {
        Spoken spoken = atoms.get(at++).spoken();
        return spoken == null ? 0 : spoken.value();
    }

    /** Whether a digit here begins a number of hundreds, as in "two oh eight", "two forty". */
    private boolean isHundreds(int i) {
        return isPart(i, Part.DIGIT)
                && value(i) > 0
                && (isPart(i + 1, Part.TENS)
                        || (isPart(i + 1, Part.DIGIT) && value(i + 1) == 0 && isPart(i + 2, Part.DIGIT)));
    }

    /** @param isOfHundreds whether hundreds were said just before, so that what sounds like more of them is the next number */
    private @Nullable Double chunk(boolean isOfHundreds) {
        if (isPart(at, Part.TENS)) {
            double tens = value(at++);
            boolean hasDigit = isPart(at, Part.DIGIT)
                    && value(at) > 0
                    && !(isOfHundreds && (isHundreds(at) || isPart(at + 1, Part.POINT)));
            return tens + (hasDigit ? value(at++) : 0);
        }
        if (!isPart(at, Part.DIGIT) && !isPart(at, Part.TEEN)) {
            return null;
        }
        double small = value(at++);
        if (isPart(at, Part.HUNDRED)) {
            at++;
            if (isPart(at, Part.AND)
                    && (isPart(at + 1, Part.TENS) || isPart(at + 1, Part.DIGIT) || isPart(at + 1, Part.TEEN))) {
                at++;
            }
            Double rest = chunk(true);
            return small * 100 + (rest == null ? 0 : rest);
        }
        return small;
    }

    final double point() {
        if (isPart(at, Part.POINT) && at + 1 < atoms.size() && isTenths(atoms.get(at + 1))) {
            at += 2;
            return atoms.get(at - 1).number() / 10;
        }
        if (!isPart(at, Part.POINT) || !isPart(at + 1, Part.DIGIT)) {
            return 0;
        }
        at++;
        double digits = 0;
        double tenths = 1;
        // a digit with a point of its own behind it begins the next number
        while (isPart(at, Part.DIGIT) && (tenths == 1 || !isPart(at + 1, Part.POINT))) {
            digits = digits * 10 + value(at++);
            tenths *= 10;
        }
        return digits / tenths;
    }

    private static boolean isTenths(Item atom) {
        return atom.isWhole() && atom.number() >= 0 && atom.number() < 10;
    }

    final double half() {
        if (isPart(at, Part.HALF)) {
            at++;
            return 0.5;
        }
        return 0;
    }

    private boolean isPart(int i, Part part) {
        Spoken spoken = i < atoms.size() ? atoms.get(i).spoken() : null;
        return spoken != null && spoken.part() == part;
    }

    private double value(int i) {
        Spoken spoken = atoms.get(i).spoken();
        return spoken == null ? 0 : spoken.value();
    }
}
