package zestbench.core.quick;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.winding.PairOhms;

/**
 * Windings or amps as written in the quick line: {@code windings 0.9 2.1 3.0}, {@code windings 0.9 OL OL ground 5M},
 * {@code amps 1.7 of 1.9}, {@code amps fan 1.7 of 1.9 inrush 8}.
 *
 * @param pairs ohms by pair, terminals numbered in the order they were read; empty for amps
 * @param amps null for windings
 */
public record MotorReadings(List<PairOhms> pairs, @Nullable Amps amps) {
    /** @param place which motor; null where it was not said @param rated null where the plate or label has to tell */
    public record Amps(
            RunningAmps.@Nullable Place place,
            double amps,
            @Nullable Double rated,
            @Nullable Double inrush) {}

    /** What came of a text. @param readings null where something is wrong with it */
    record Read(@Nullable MotorReadings readings, @Nullable String problem) {}

    private static final List<String> PAIRS = List.of("1-2", "1-3", "2-3");
    private static final String NUMBER = "(\\d{1,6}(?:\\.\\d{0,4})?|\\.\\d{1,4})";
    private static final String WINDINGS_HOW =
            "write the three pairs, 1-2, 1-3 and 2-3, and ground if it was read: windings 0.9 2.1 3.0 ground OL";
    private static final String AMPS_HOW = "write amps and the rating, such as amps 1.7 of 1.9, or amps fan 1.7 of 1.9";
    private static final double MEGOHM = 1_000_000;

    /** Null where the text is about neither. */
    static @Nullable Read read(String text) {
        String plain = Letters.small(text).replace(',', '.').strip();
        if (plain.matches("(?:windings?|ohms)\\b.*")) {
            return windings(plain.replaceFirst("(?:windings?|ohms):?", "").strip());
        }
        return plain.matches("amps?\\b.*")
                ? amps(plain.replaceFirst("amps?:?", "").strip())
                : null;
    }

    private static Read windings(String text) {
        int at = text.indexOf("g");
        String behind = at < 0
                ? ""
                : text.substring(at).replaceFirst("^(?:ground|gnd|g)\\b", "").strip();
        String[] words = (at < 0 ? text : text.substring(0, at)).strip().split("[\\s/;]+");
        List<PairOhms> out = new ArrayList<>();
        boolean hasPairs = !words[0].isEmpty();
        if ((hasPairs && words.length != PAIRS.size()) || (!hasPairs && behind.isEmpty())) {
            return new Read(null, WINDINGS_HOW);
        }
        for (int i = 0; hasPairs && i < words.length; i++) {
            Reading reading = ohms(words[i]);
            if (reading == null) {
                return new Read(null, "\"" + words[i] + "\" are no ohms: " + WINDINGS_HOW);
            }
            out.add(PairOhms.of(PAIRS.get(i), reading, 0));
        }
        if (at >= 0) {
            Reading ground = ohms(behind);
            if (ground == null) {
                return new Read(null, "\"" + behind + "\" is no reading to ground: " + WINDINGS_HOW);
            }
            out.add(PairOhms.of("1-" + PairOhms.GROUND, ground, 0));
        }
        return new Read(new MotorReadings(out, null), null);
    }

    /** {@code 2.1}, {@code 47k}, {@code 5M}, {@code OL}. */
    private static @Nullable Reading ohms(String word) {
        String plain = word.replaceAll("(ω|ohms?)$", "");
        if (plain.equals("ol") || plain.equals("open")) {
            return Reading.overRange(Quantity.OHMS);
        }
        if (!plain.matches(NUMBER + "[km]?")) {
            return null;
        }
        double times = plain.endsWith("k") ? 1_000 : plain.endsWith("m") ? MEGOHM : 1;
        return Reading.of(Quantity.OHMS, times * Double.parseDouble(plain.replaceAll("[km]$", "")));
    }

    private static Read amps(String text) {
        Matcher matcher = Pattern.compile("(compressor|comp|fan|blower)? ?" + NUMBER + " ?a?(?: of " + NUMBER
                        + " ?a?)?(?: inrush " + NUMBER + " ?a?)?")
                .matcher(text);
        if (!matcher.matches()) {
            return new Read(null, "\"" + text + "\" are no amps: " + AMPS_HOW);
        }
        String who = matcher.group(1);
        RunningAmps.Place place = who == null
                ? null
                : who.startsWith("comp")
                        ? RunningAmps.Place.COMPRESSOR
                        : who.equals("fan") ? RunningAmps.Place.FAN : RunningAmps.Place.BLOWER;
        return new Read(
                new MotorReadings(
                        List.of(),
                        new Amps(
                                place,
                                Double.parseDouble(matcher.group(2)),
                                number(matcher.group(3)),
                                number(matcher.group(4)))),
                null);
    }

    private static @Nullable Double number(@Nullable String text) {
        return text == null ? null : Double.valueOf(text);
    }
}
