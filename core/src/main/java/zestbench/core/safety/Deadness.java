package zestbench.core.safety;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zestbench.core.circuit.SystemVolts;

/**
 * Whether everything that was asked for reads dead: every pair under 5 V since anything was last seen alive.
 *
 * @param pairs each asked pair with its latest reading
 * @param live whether something was seen alive after the last dead reading
 */
public record Deadness(List<Pair> pairs, boolean live) {
    /** Under this a pair counts as dead. [practice] */
    public static final double DEAD_VOLTS = 5;

    /** Control volts up to here can come from the indoor unit with the disconnect pulled; above, the line feeds them. [practice] */
    public static final double CONTROL_VOLTS = 50;

    /** More than this no pair of these units reads, V. [practice] */
    public static final double MOST_VOLTS = 1_000;

    /** A charge can come back by itself: a capacitor's pairs are read once more after this. [physics] */
    private static final long READ_AGAIN_MILLIS = 60_000;

    /**
     * One pair of terminals.
     *
     * @param place {@code SUPPLY}, or the part whose terminals these are
     * @param volts the latest reading; negative where there is none
     * @param firstMillis when it first read dead; 0 where it did not
     */
    public record Pair(String place, String name, double volts, long atMillis, long firstMillis, int readings) {
        public boolean isDead() {
            return volts >= 0 && volts < DEAD_VOLTS;
        }

        /** When a capacitor's pair is to be read once more, as its charge can come back; 0 where that is not asked. */
        public long againAtMillis() {
            boolean again = !place.equals(SUPPLY) && isDead() && readings < 2;
            return again ? firstMillis + READ_AGAIN_MILLIS : 0;
        }
    }

    /** The supply as a place. */
    public static final String SUPPLY = "SUPPLY";

    /** Pairs to be read at the disconnect of a unit of this supply. @param volts nominal, 0 where unknown */
    public static List<String> supplyPairs(int phase, double volts) {
        if (phase == 3) {
            return List.of("L1–L2", "L2–L3", "L1–L3", "L1–G", "L2–G", "L3–G");
        }
        return volts > 0 && volts < SystemVolts.LEG_TO_LEG_FROM
                ? List.of("L1–N", "L1–G", "N–G")
                : List.of("L1–L2", "L1–G", "L2–G");
    }

    public boolean isSupplyDead() {
        return !live && pairs.stream().filter(p -> p.place().equals(SUPPLY)).allMatch(Pair::isDead);
    }

    /** Whether hands may go to {@code part}: the supply is dead, and so is what the part itself can hold. */
    public boolean isDeadFor(String part) {
        return isSupplyDead()
                && pairs.stream().filter(p -> p.place().equals(part)).allMatch(Pair::isDead);
    }

    /** When the last pair of the supply read dead, 0 where it did not. */
    public long sinceMillis() {
        long since = 0;
        for (Pair pair : pairs) {
            if (pair.place().equals(SUPPLY)) {
                since = Math.max(since, pair.firstMillis());
            }
        }
        return isSupplyDead() ? since : 0;
    }

    /** Gathers readings in the order they came. */
    public static final class Watch {
        private final Map<String, Pair> latest = new LinkedHashMap<>();
        private boolean live;

        public void read(String place, String name, double volts, long atMillis) {
            live = false;
            Pair before = latest.get(place + " " + name);
            boolean dead = volts < DEAD_VOLTS;
            boolean wasDead = before != null && before.isDead();
            long first = dead ? (wasDead && before != null ? before.firstMillis() : atMillis) : 0;
            int readings = before == null ? 1 : before.readings() + 1;
            latest.put(place + " " + name, new Pair(place, name, volts, atMillis, first, readings));
        }

        /** Something was seen alive: every dead reading before it is void. */
        public void alive() {
            latest.clear();
            live = true;
        }

        /** The state of the {@code asked} pairs, by place. */
        public Deadness of(Map<String, List<String>> asked) {
            List<Pair> pairs = new ArrayList<>();
            asked.forEach((place, names) -> {
                for (String name : names) {
                    pairs.add(latest.getOrDefault(place + " " + name, new Pair(place, name, -1, 0, 0, 0)));
                }
            });
            return new Deadness(pairs, live);
        }
    }
}
