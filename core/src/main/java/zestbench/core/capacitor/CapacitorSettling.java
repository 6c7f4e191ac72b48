package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import zestbench.core.family.Sections;
import zestbench.core.label.Taking;
import zestbench.core.value.Value;

/** What follows from what was read off a capacitor, and what is to be asked. */
final class CapacitorSettling {
    private static final String DUTY = "duty";
    private static final String FIRST_SECTION = Sections.ATTRIBUTE + "[0]." + CapacitorLabel.MICROFARADS;
    private static final double SURELY_RUN_VOLTS = 370;
    private static final double USUAL_VOLTS = 440;
    private static final double TURNED = 0.6;
    /** Hours of life of the classes A to D of IEC 60252-1. */
    private static final Map<Double, String> CLASSES = Map.of(30_000.0, "A", 10_000.0, "B", 3_000.0, "C", 1_000.0, "D");

    private CapacitorSettling() {}

    /** The compressor's section is the larger one. [practice] */
    static double against(Taking taking) {
        double herm = taking.number(CapacitorLabel.HERM);
        double fan = taking.number(CapacitorLabel.FAN);
        double most = Double.isNaN(fan) ? 0 : fan;
        double least = Double.POSITIVE_INFINITY;
        for (Map<String, Value> part : taking.rows(CapacitorLabel.PARTS)) {
            double microfarads = Taking.number(part, CapacitorLabel.MICROFARADS);
            most = Double.isNaN(herm) ? most : Math.max(most, microfarads);
            least = Math.min(least, microfarads);
        }
        boolean isHermSmall = !Double.isNaN(herm) && most > herm;
        boolean isFanLarge = !Double.isNaN(fan) && Double.isNaN(herm) && least < fan;
        return isHermSmall || isFanLarge ? TURNED : 0;
    }

    static void finish(Taking taking) {
        taking.move(CapacitorLabel.HERM, FIRST_SECTION);
        taking.move(CapacitorLabel.FAN, path(1));
        taking.move(CapacitorLabel.PARTS + "[0]." + CapacitorLabel.MICROFARADS, FIRST_SECTION);
        taking.move(CapacitorLabel.RATED + "[0]." + CapacitorLabel.VOLTS, CapacitorLabel.VOLTS);
        volts(taking);
        List<Map<String, Value>> sections = sections(taking);
        boolean isStart = taking.has(CapacitorLabel.LOW) || taking.has(CapacitorLabel.HIGH);
        taking.setRows(Sections.ATTRIBUTE, isStart ? List.of() : sections);
        if (isStart || !sections.isEmpty()) {
            duty(taking, isStart, sections.size());
            doubts(taking, isStart);
        }
    }

    /** A single rated value or two sections are a run capacitor's; a range is a start capacitor's. [practice] */
    private static void duty(Taking taking, boolean isStart, int sections) {
        if (taking.has(DUTY)) {
            return;
        }
        if (isStart || sections > 1 || taking.number(CapacitorLabel.VOLTS) >= SURELY_RUN_VOLTS) {
            taking.set(DUTY, Value.of(isStart ? "start" : "run"));
        } else {
            taking.doubt(
                    DUTY, "run or start is not printed; one rated value is usual on run capacitors", Value.of("run"));
        }
    }

    private static void doubts(Taking taking, boolean isStart) {
        if (!taking.has("tolerancePlusPercent") && !isStart) {
            taking.doubt("tolerancePlusPercent", "not printed or not read; ±6 % is usual", Value.of(6));
            taking.doubt("toleranceMinusPercent", "not printed or not read; ±6 % is usual", Value.of(6));
        }
        if (!taking.has(CapacitorLabel.VOLTS)) {
            taking.doubt(
                    CapacitorLabel.VOLTS,
                    "not read; it never follows from the line volts. 440 serves a unit made for 370 or 440",
                    isStart ? null : Value.of(USUAL_VOLTS));
        }
    }

    private static void volts(Taking taking) {
        List<Map<String, Value>> rows = taking.rows(CapacitorLabel.RATED);
        Map<String, Value> byClass = new LinkedHashMap<>();
        double most = taking.number("ratedVolts");
        taking.move("ratedVolts", CapacitorLabel.VOLTS);
        taking.remove("ratedVolts");
        for (int i = 0; i < rows.size(); i++) {
            taking.move(CapacitorLabel.RATED + "[" + i + "]." + CapacitorLabel.VOLTS, CapacitorLabel.VOLTS);
            taking.move(CapacitorLabel.RATED + "[" + i + "].hours", rows.size() > 1 ? "voltsByClass" : "");
            taking.move(CapacitorLabel.RATED + "[" + i + "].class", rows.size() > 1 ? "voltsByClass" : "");
            if (rows.get(i).get(CapacitorLabel.VOLTS) instanceof Value.Num volts) {
                most = Double.isNaN(most) ? volts.number() : Math.max(most, volts.number());
                String life = life(rows.get(i));
                if (!life.isEmpty()) {
                    byClass.put(life, volts);
                }
            }
        }
        if (byClass.size() > 1) {
            taking.set("voltsByClass", new Value.Fields(byClass));
            Value best = byClass.containsKey("A") ? byClass.get("A") : byClass.get("B");
            most = best instanceof Value.Num num ? num.number() : most;
        }
        if (!Double.isNaN(most)) {
            taking.set(CapacitorLabel.VOLTS, Value.of(most));
        }
    }

    private static String life(Map<String, Value> row) {
        if (row.get("class") instanceof Value.Text text) {
            return text.text();
        }
        return row.get("hours") instanceof Value.Num hours ? CLASSES.getOrDefault(hours.number(), "") : "";
    }

    private static List<Map<String, Value>> sections(Taking taking) {
        Map<String, Value> parts = new LinkedHashMap<>();
        List<Map<String, Value>> rows = taking.rows(CapacitorLabel.PARTS);
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i).get(CapacitorLabel.MICROFARADS) instanceof Value.Num num) {
                parts.put(CapacitorLabel.PARTS + "[" + i + "]." + CapacitorLabel.MICROFARADS, num);
            }
        }
        List<Map<String, Value>> out = new ArrayList<>();
        Map<String, Value> named = new LinkedHashMap<>();
        for (String name : List.of(CapacitorLabel.ONLY, CapacitorLabel.HERM, CapacitorLabel.FAN)) {
            Value value = taking.get(name);
            if (value != null) {
                (name.equals(CapacitorLabel.ONLY) ? parts : named).put(name, value);
            }
            taking.remove(name);
        }
        if (named.size() == 1 && parts.size() == 1) {
            // one of two sections has its name, so that the other is told
            String other = named.containsKey(CapacitorLabel.HERM) ? CapacitorLabel.FAN : CapacitorLabel.HERM;
            String key = parts.keySet().iterator().next();
            named.put(other, Objects.requireNonNull(parts.remove(key)));
            taking.move(key, other);
            add(taking, out, Sections.TERMINAL, Sections.HERM, CapacitorLabel.HERM, named);
            add(taking, out, Sections.TERMINAL, Sections.FAN, CapacitorLabel.FAN, named);
            taking.move(key, path(other.equals(CapacitorLabel.HERM) ? 0 : 1));
        } else if (named.isEmpty() && parts.size() == 2) {
            List<String> keys = new ArrayList<>(parts.keySet());
            keys.sort(Comparator.comparingDouble(k -> -((Value.Num) Objects.requireNonNull(parts.get(k))).number()));
            add(taking, out, Sections.TERMINAL, Sections.HERM, keys.get(0), parts);
            add(taking, out, Sections.TERMINAL, Sections.FAN, keys.get(1), parts);
        } else if (!named.isEmpty()) {
            named.keySet()
                    .forEach(key -> add(
                            taking,
                            out,
                            Sections.TERMINAL,
                            key.equals(CapacitorLabel.HERM) ? Sections.HERM : Sections.FAN,
                            key,
                            named));
            parts.keySet().forEach(key -> taking.move(key, ""));
        } else {
            parts.keySet()
                    .forEach(key -> add(
                            taking,
                            out,
                            parts.size() > 1 ? Sections.NAME : "",
                            String.valueOf(out.size() + 1),
                            key,
                            parts));
        }
        return out;
    }

    private static String path(int section) {
        return Sections.ATTRIBUTE + "[" + section + "]." + CapacitorLabel.MICROFARADS;
    }

    private static void add(
            Taking taking,
            List<Map<String, Value>> out,
            String label,
            String name,
            String key,
            Map<String, Value> from) {
        Map<String, Value> row = new LinkedHashMap<>();
        if (!label.isEmpty()) {
            row.put(label, Value.of(name));
        }
        row.put(CapacitorLabel.MICROFARADS, Objects.requireNonNull(from.get(key)));
        taking.move(key, path(out.size()));
        out.add(row);
    }
}
