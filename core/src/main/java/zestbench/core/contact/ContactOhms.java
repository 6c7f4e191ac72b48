package zestbench.core.contact;

import java.util.List;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/** What ohms say of a contact: near 0 it is closed, a few ohms more it is burnt, from a hundred on it is none. [practice] */
public final class ContactOhms {
    private static final double BURNT = 5;
    private static final double NONE = 100;

    private ContactOhms() {}

    public static boolean isClosed(Reading reading) {
        return reading.isFigure() && reading.value() < NONE;
    }

    /** Of one that is closed. */
    public static boolean isBurnt(Reading reading) {
        return reading.value() > BURNT;
    }

    /** Throws where what was taken is no ohms of one of {@code sections}. @return the section; the first where none was said */
    public static String checked(SectionReading taken, List<String> sections) {
        String section = taken.section() == null ? sections.get(0) : taken.section();
        InputProblem.require(
                sections.contains(section) && taken.reading().quantity() == Quantity.OHMS,
                "readings",
                section + " " + taken.reading().text(),
                "give ohms, of " + String.join(" or ", sections));
        return section;
    }

    /** A contact that should be closed. @param open said where it is not */
    public static Judged closed(String section, Reading reading, TestRequest request, String open) {
        if (!isClosed(reading)) {
            return judged(section, Verdict.FAILED, reading, request, open);
        }
        return isBurnt(reading)
                ? judged(
                        section,
                        Verdict.WEAK,
                        reading,
                        request,
                        "{} Ω: a burnt contact drops volts under load.",
                        reading.value())
                : judged(section, Verdict.GOOD, reading, request, "{} Ω: closed.", reading.value());
    }

    /** A verdict on the ohms of a contact. */
    public static Judged judged(
            String section, Verdict verdict, Reading reading, TestRequest request, String pattern, Object... values) {
        return new Judged(
                section,
                verdict,
                reading,
                reading.isFigure() ? request.meter().uncertaintyOf(reading) : 0,
                null,
                null,
                Reckoning.of(Mark.PRACTICE, pattern, values));
    }
}
