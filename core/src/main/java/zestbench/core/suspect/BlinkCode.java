package zestbench.core.suspect;

import java.util.EnumMap;
import java.util.Map;
import zestbench.core.quantity.Letters;

/** A board's blink code in words: how often it blinks, and what the unit's own chart says that means, as "blinks 4: locked rotor". */
public final class BlinkCode {
    private static final String BLINKS = ".*(blink|flash|code|light|led)s?.*";

    private BlinkCode() {}

    /** What a note tells of a board's light; empty where it speaks of none. */
    public static Map<Fact, Boolean> facts(String note) {
        String words = Letters.small(note);
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        if (!words.matches("(?s)" + BLINKS)) {
            return out;
        }
        if (words.matches("(?s).*(locked rotor|lra|overload|compressor trip).*")) {
            out.put(Fact.BOARD_LIT, true);
            out.put(Fact.CODE_LOCKED_ROTOR, true);
        }
        if (words.matches("(?s).*pressure.*")) {
            out.put(Fact.BOARD_LIT, true);
            out.put(Fact.CODE_PRESSURE, true);
        }
        return out;
    }
}
