package zestbench.core.safety;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zestbench.core.quantity.InputProblem;

/**
 * What was done to make safe since power was last seen on: locked out, meter proved, every pair read dead, meter proved
 * again, and the sources that stay. Power seen on ends the period, and all of it is to be done anew. Only the dead reading
 * locks anything; the rest is asked for.
 */
public final class SafePeriod {
    /** One step. @param isReading whether a meter does it; else it is ticked off */
    public record Step(String key, String text, boolean isReading, boolean isDone) {}

    public static final String LOCKED = "locked";
    public static final String PROVED = "proved";
    public static final String DEAD = "dead";
    public static final String PROVED_AGAIN = "proved-again";

    /** Sources that the outdoor disconnect does not switch off. [practice] */
    private static final Map<String, String> SOURCES = sources();

    /** A source on which a meter proves itself reads at least this. [practice] */
    public static final double LEAST_PROVING_VOLTS = 12;

    private final Map<String, Boolean> ticked = new LinkedHashMap<>();
    private final Deadness.Watch watch = new Deadness.Watch();
    private long provedFirst;
    private long provedLast;
    private long firstDead;
    private long lastDead;

    private static Map<String, String> sources() {
        Map<String, String> out = new LinkedHashMap<>();
        out.put("indoor-control", "24 V from the indoor unit: stays live, off at its own switch");
        out.put("second-disconnect", "Second disconnect, for heat or the indoor unit: looked for, off");
        out.put("crankcase-feed", "Crankcase heater on its own feed: looked for, off");
        return out;
    }

    /** The volts of a proving source; throws where they cannot prove a meter. */
    public static double proving(double volts) {
        InputProblem.require(
                volts >= LEAST_PROVING_VOLTS && volts <= Deadness.MOST_VOLTS,
                "volts",
                volts,
                "a meter is proved on a source known to be live: give 12 to 1,000 V");
        return volts;
    }

    /** The text of what is ticked off under {@code key}; throws where there is none. */
    public static String textOf(String key) {
        String text = key.equals(LOCKED) ? "Disconnect pulled and locked" : SOURCES.get(key);
        return InputProblem.given(text, "key", "give locked, " + String.join(", ", SOURCES.keySet()));
    }

    public void tick(String key, boolean on) {
        ticked.put(key, on);
    }

    public void proved(long atMillis) {
        provedFirst = provedFirst == 0 ? atMillis : provedFirst;
        provedLast = atMillis;
    }

    public void read(String place, String pair, double volts, long atMillis) {
        watch.read(place, pair, volts, atMillis);
        if (place.equals(Deadness.SUPPLY)) {
            firstDead = firstDead == 0 ? atMillis : firstDead;
            lastDead = atMillis;
        }
    }

    /** Power was seen on. */
    public void alive() {
        watch.alive();
        ticked.clear();
        provedFirst = 0;
        provedLast = 0;
        firstDead = 0;
        lastDead = 0;
    }

    public Deadness deadness(Map<String, List<String>> asked) {
        return watch.of(asked);
    }

    /** The steps in their order. @param isDead whether every pair of the supply reads dead */
    public List<Step> steps(boolean isDead) {
        List<Step> out = new ArrayList<>();
        boolean before = provedFirst > 0 && (firstDead == 0 || provedFirst <= firstDead);
        out.add(new Step(LOCKED, textOf(LOCKED), false, ticked.getOrDefault(LOCKED, false)));
        out.add(new Step(PROVED, "Meter proved on a live source", true, before));
        out.add(new Step(DEAD, "Every pair read dead", true, isDead));
        out.add(new Step(PROVED_AGAIN, "Meter proved again", true, isDead && provedLast > lastDead));
        SOURCES.forEach((key, text) -> out.add(new Step(key, text, false, ticked.getOrDefault(key, false))));
        return out;
    }
}
