package zestbench.core.quick;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.label.Tokens;
import zestbench.core.label.Tokens.Token;
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
    private static final String WINDINGS_HOW =
            "write the three pairs, 1-2, 1-3 and 2-3, and ground if it was read: windings 0.9 2.1 3.0 ground OL";
    private static final String AMPS_HOW = "write amps and the rating, such as amps 1.7 of 1.9, or amps fan 1.7 of 1.9";
    private static final double KILOHM = 1_000;
    private static final double MEGOHM = 1_000_000;
    private static final double MOST = 1_000_000;

    private static final String WINDINGS = "windings";
    private static final String AMPS = "amps";
    private static final String UNIT = "unit";
    private static final String GROUND = "ground";
    private static final String OVER = "over range";
    private static final String RATED = "rated";
    private static final String INRUSH = "inrush";
    private static final String KILO = "kilo";
    private static final String MEGA = "mega";
    private static final Tokens TOKENS = new Tokens(Map.ofEntries(
            Map.entry(WINDINGS, "winding|windings|ohms"),
            Map.entry(AMPS, "amps|amp"),
            Map.entry(UNIT, "a|ohm|ω"),
            Map.entry(GROUND, "ground|gnd|g|earth|to ground"),
            Map.entry(OVER, "ol|open|infinite|over range"),
            Map.entry(RATED, "of|rated|out of"),
            Map.entry(INRUSH, "inrush|start"),
            Map.entry(KILO, "k|kohm|kω"),
            Map.entry(MEGA, "m|meg|mohm|mω|megohm|megohms"),
            Map.entry(RunningAmps.Place.COMPRESSOR.name(), "compressor|comp"),
            Map.entry(RunningAmps.Place.FAN.name(), "fan"),
            Map.entry(RunningAmps.Place.BLOWER.name(), "blower")));

    /** Null where the text is about neither. */
    static @Nullable Read read(String text) {
        List<Token> tokens = TOKENS.of(text);
        if (tokens.isEmpty()) {
            return null;
        }
        List<Token> rest = tokens.subList(1, tokens.size());
        return switch (tokens.get(0).word()) {
            case WINDINGS -> windings(rest);
            case AMPS -> amps(rest);
            default -> null;
        };
    }

    private static Read windings(List<Token> tokens) {
        List<Reading> pairs = new ArrayList<>();
        Reading ground = null;
        boolean isGround = false;
        for (int at = 0; at < tokens.size(); at++) {
            Token token = tokens.get(at);
            if (token.word().equals(GROUND) && !isGround) {
                isGround = true;
                continue;
            }
            if (token.word().equals(UNIT) || token.word().equals(WINDINGS)) {
                continue;
            }
            boolean isScaled = token.isNumber() && at + 1 < tokens.size() && times(tokens.get(at + 1)) > 1;
            Reading reading = ohms(token, isScaled ? times(tokens.get(at + 1)) : 1);
            if (reading == null) {
                String what = isGround ? "\" is no reading to ground: " : "\" are no ohms: ";
                return new Read(null, "\"" + token.text() + what + WINDINGS_HOW);
            }
            at += isScaled ? 1 : 0;
            if (!isGround) {
                pairs.add(reading);
            } else if (ground == null) {
                ground = reading;
            } else {
                return new Read(null, WINDINGS_HOW);
            }
        }
        if ((isGround && ground == null) || (pairs.isEmpty() ? ground == null : pairs.size() != PAIRS.size())) {
            return new Read(null, WINDINGS_HOW);
        }
        List<PairOhms> out = new ArrayList<>();
        for (int i = 0; i < pairs.size(); i++) {
            out.add(PairOhms.of(PAIRS.get(i), pairs.get(i), 0));
        }
        if (ground != null) {
            out.add(PairOhms.of("1-" + PairOhms.GROUND, ground, 0));
        }
        return new Read(new MotorReadings(out, null), null);
    }

    private static double times(Token token) {
        return token.word().equals(KILO) ? KILOHM : token.word().equals(MEGA) ? MEGOHM : 1;
    }

    /** {@code 2.1}, {@code OL}; null for what is neither. */
    private static @Nullable Reading ohms(Token token, double times) {
        if (token.word().equals(OVER)) {
            return Reading.overRange(Quantity.OHMS);
        }
        return isReading(token) ? Reading.of(Quantity.OHMS, times * token.number()) : null;
    }

    private static boolean isReading(Token token) {
        return token.isNumber() && token.number() >= 0 && token.number() < MOST;
    }

    private static Read amps(List<Token> tokens) {
        RunningAmps.Place place = null;
        Double taken = null;
        Double rated = null;
        Double inrush = null;
        String next = "";
        for (Token token : tokens) {
            String word = token.word();
            if (isReading(token) && next.isEmpty() && taken == null) {
                taken = token.number();
            } else if (isReading(token) && next.equals(RATED) && rated == null) {
                rated = token.number();
            } else if (isReading(token) && next.equals(INRUSH) && inrush == null) {
                inrush = token.number();
            } else if (word.equals(RATED) || word.equals(INRUSH)) {
                next = word;
            } else if (place == null && isPlace(word)) {
                place = RunningAmps.Place.valueOf(word);
            } else if (!word.equals(UNIT) && !word.equals(AMPS)) {
                return new Read(null, "\"" + token.text() + "\" are no amps: " + AMPS_HOW);
            }
        }
        return taken == null
                ? new Read(null, "no amps were written: " + AMPS_HOW)
                : new Read(new MotorReadings(List.of(), new Amps(place, taken, rated, inrush)), null);
    }

    private static boolean isPlace(String word) {
        for (RunningAmps.Place place : RunningAmps.Place.values()) {
            if (place.name().equals(word)) {
                return true;
            }
        }
        return false;
    }
}
