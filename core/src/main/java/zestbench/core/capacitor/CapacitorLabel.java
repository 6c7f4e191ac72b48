package zestbench.core.capacitor;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Figure;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.label.Shape;
import zestbench.core.label.Shapes;
import zestbench.core.label.Taking;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** What a capacitor's label says, and in which words. */
public final class CapacitorLabel {
    /** Its name in the open interface. */
    public static final String KIND = "capacitor";

    private static final String MICROFARADS = "microfarads";
    private static final String LOW = "microfaradsLow";
    private static final String HIGH = "microfaradsHigh";
    private static final String MIN = "minCelsius";
    private static final String MAX = "maxCelsius";
    private static final String PARTS = "parts";
    private static final String RATED = "rated";
    private static final String VOLTS = "volts";
    private static final String DUTY = "duty";
    private static final String HERM = "herm";
    private static final String FAN = "fan";
    private static final String ONLY = "only";
    private static final double SURELY_RUN_VOLTS = 370;
    private static final double USUAL_VOLTS = 440;
    private static final double WIDEST_CAN_INCHES = 4;
    private static final double TALLEST_CAN_INCHES = 12;
    private static final String[] CAPACITANCE = {"cap|capacitance|capacity|mfd rating"};
    private static final String[] COLOURS = {"blue|violet|green|yellow|red|white|black|orange|brown|gray|purple|pink"};
    /** Hours of life of the classes A to D of IEC 60252-1. */
    private static final Map<Double, String> CLASSES = Map.of(30_000.0, "A", 10_000.0, "B", 3_000.0, "C", 1_000.0, "D");

    public static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf(MICROFARADS, HERM, FAN, LOW, ONLY)
            .tells(
                    "capacitor|motor start capacitor|motor run capacitor|motor start|run capacitor",
                    "start capacitor|capacitors|condensateur|condensador|kondensator|motorkondensator|mkp",
                    "dual cap|cbb65|cbz65|dual|can|run cap|start cap")
            .field(of("herm", CapacitorLabel::pair, CAPACITANCE)
                    .by(Unit.MICROFARADS)
                    .bare(0)
                    .alone(0.35))
            .field(of("herm", CapacitorLabel::pairAndVolts).alone(0.3))
            .field(of(MICROFARADS, CapacitorLabel::many)
                    .by(Unit.MICROFARADS)
                    .in(PARTS)
                    .bare(0)
                    .alone(0.4))
            .field(of("herm", section(), "herm|hermetic|c-herm|c-h|h|comp|compressor"))
            .field(of("fan", section(), "fan|c-fan|c-f|f"))
            .field(of(MICROFARADS, section(), CAPACITANCE)
                    .by(Unit.MICROFARADS)
                    .in(PARTS)
                    .bare(0.05)
                    .alone(1.25))
            .field(of(MICROFARADS, section(), COLOURS).in(PARTS))
            .field(of(LOW, CapacitorLabel::range, CAPACITANCE)
                    .by(Unit.MICROFARADS)
                    .bare(0)
                    .alone(0.6))
            .field(of(VOLTS, CapacitorLabel::volts, "voltage|un|rated voltage|volts rating")
                    .by(Unit.VOLTS)
                    .in(RATED)
                    .bare(0)
                    .alone(0.7))
            .field(of("hours", Shapes.number(500, 60_000), "h|hours|hrs|std").in(RATED))
            .field(told("class")
                    .by("A", "class a|cl a|cl. a|klasse a")
                    .by("B", "class b|cl b|cl. b|klasse b|b")
                    .by("C", "class c|cl c")
                    .by("D", "class d|cl d|d")
                    .in(RATED))
            .field(of(
                            "tolerancePlusPercent",
                            CapacitorLabel::tolerance,
                            "±|tol|tolerance|tolerancia|toleranz|plus or minus|plus minus")
                    .by(Unit.PERCENT)
                    .bare(0.05))
            .field(of("hertz", Shapes.list(50, 60, Unit.HERTZ).usual(50, 60), "fn")
                    .by(Unit.HERTZ)
                    .bare(0)
                    .alone(0.8))
            .field(of(MIN, CapacitorLabel::span, "temp|temp.|temperature|range|amb")
                    .bare(0)
                    .alone(0.3))
            .field(of(MAX, Shapes.number(40, 130, Unit.CELSIUS), "temp|temp max|max temp|temp. max|max|to")
                    .bare(0.1))
            .field(of(MIN, CapacitorLabel::climate).alone(0.1))
            .field(told("duty", "duty")
                    .by("run", "run|run capacitor|marche|trabajo|de marche|de trabajo|motor run|running")
                    .by(
                            "start",
                            "start|start capacitor|motor start|motor start capacitor|start cap|starting|demarrage",
                            "arranque"))
            .field(told("protection")
                    .by("10000 AFC", "10000 afc|10,000 afc|10k afc|afc 10000|afc 10,000")
                    .by("P0", "p0")
                    .by("P1", "p1")
                    .by("P2", "p2|protected p2")
                    .by("S0", "s0|s0 class")
                    .by("S1", "s1")
                    .by("S2", "s2")
                    .by("S3", "s3"))
            .field(told("shape").by("round", "round|rond|redondo").by("oval", "oval|ovale|ovalado"))
            .field(of("heightInches", Shapes.number(0.5, 12, Unit.INCHES).fractions(), "tall|height|high"))
            .field(of("diameterInches", Shapes.number(0.5, 6, Unit.INCHES).fractions(), "dia|diameter|across|diam"))
            .field(of("diameterInches", CapacitorLabel::can).bare(0).alone(0.3))
            .field(
                    told("bleedResistor")
                            .by(
                                    Value.of(true),
                                    "bleed resistor|resistor|with resistor|with the resistor|with the resistor across it|bleeder"))
            .foreign(
                    "reads|read|measured|tested|starts|verlustfaktor|plastic case|for use with|stud torque",
                    "date code|15k|2w|hp|rpm")
            .fillers(
                    "common|c|common center|universal|multi section|protected|protege|intermittent duty only",
                    "oil filled|no pcb|no pcbs|bulged top|it says|condenser fan motor|motor|stray|microfarads",
                    "somebody put|want to go back to the plate")
            .finish(CapacitorLabel::finish);

    private CapacitorLabel() {}

    /** Reads {@code text} as such a label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return LabelReader.read(GRAMMAR, text);
    }

    private static Shapes section() {
        return Shapes.number(0.5, 250, Unit.MICROFARADS).mostly(1.5, 100);
    }

    private static boolean isMicrofarads(@Nullable Unit unit) {
        return unit == null || unit == Unit.MICROFARADS;
    }

    private static Value num(double number) {
        return Value.of(number);
    }

    /** Two sections, as 45+5: the larger is the compressor's. */
    private static Shape.@Nullable Fit pair(String path, Figure figure, @Nullable Unit unit) {
        if (!isMicrofarads(unit) || figure.size() != 2 || figure.list("/+& -") == null) {
            return null;
        }
        double one = figure.numbers().get(0);
        double two = figure.numbers().get(1);
        if (figure.hasGap()) {
            return new Shape.Fit(
                    List.of(
                            new Shape.Told(HERM, Double.isNaN(one) ? null : num(Math.abs(one))),
                            new Shape.Told(FAN, Double.isNaN(two) ? null : num(Math.abs(two)))),
                    0.1);
        }
        double large = Math.max(Math.abs(one), Math.abs(two));
        double small = Math.min(Math.abs(one), Math.abs(two));
        boolean isUsual = large >= 10 && large <= 120 && small >= 1.5 && small <= 40 && large > small;
        if (small < 0.5 || large > 250) {
            return null;
        }
        boolean isDash = figure.joins().equals("-");
        if (isDash && !(isUsual && large > 2 * small)) {
            return null;
        }
        return new Shape.Fit(
                List.of(new Shape.Told(HERM, num(large)), new Shape.Told(FAN, num(small))),
                (isUsual ? 0 : 0.8) + (isDash ? 0.2 : 0));
    }

    /** Three sections and more, as 2.5+5+10+20. */
    private static Shape.@Nullable Fit many(String path, Figure figure, @Nullable Unit unit) {
        if (!isMicrofarads(unit) || figure.size() < 3 || figure.hasGap() || figure.list("+/") == null) {
            return null;
        }
        boolean areSections = figure.numbers().stream().allMatch(n -> n >= 0.5 && n <= 100);
        return areSections && figure.joins().contains("+")
                ? new Shape.Fit(
                        figure.numbers().stream()
                                .map(n -> new Shape.Told(path, num(n)))
                                .toList(),
                        0)
                : null;
    }

    /** One or two sections and the volts in one figure, as 80/7.5/440. */
    private static Shape.@Nullable Fit pairAndVolts(String path, Figure figure, @Nullable Unit unit) {
        int last = figure.size() - 1;
        if ((unit != null && unit != Unit.VOLTS)
                || last < 1
                || figure.hasGap()
                || figure.joins().charAt(last - 1) != '/') {
            return null;
        }
        double volts = figure.numbers().get(last);
        if (volts < 200 || volts > 660) {
            return null;
        }
        List<Shape.Told> told = new ArrayList<>();
        if (last == 1) {
            told.add(new Shape.Told(ONLY, num(Math.abs(figure.first()))));
        } else {
            Shape.Fit pair = pair(path, figure.part(0, last), null);
            if (pair == null) {
                return null;
            }
            told.addAll(pair.told());
        }
        told.add(new Shape.Told("ratedVolts", num(volts)));
        return new Shape.Fit(told, 0);
    }

    /** The band of a start capacitor, as 88-108. */
    private static Shape.@Nullable Fit range(String path, Figure figure, @Nullable Unit unit) {
        if (!isMicrofarads(unit) || figure.size() != 2 || figure.list("-/") == null) {
            return null;
        }
        double low = figure.first();
        double high = figure.numbers().get(1);
        boolean isRange = figure.hasGap() || (low >= 15 && high > low * 1.05 && high < low * 1.6 && high <= 1500);
        return isRange
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(LOW, Double.isNaN(low) ? null : num(Math.abs(low))),
                                new Shape.Told(HIGH, Double.isNaN(high) ? null : num(Math.abs(high)))),
                        figure.joins().equals("-") ? 0 : 0.3)
                : null;
    }

    /** The highest of the volts printed. */
    private static Shape.@Nullable Fit volts(String path, Figure figure, @Nullable Unit unit) {
        if ((unit != null && unit != Unit.VOLTS) || figure.list("/-&") == null || figure.size() > 3) {
            return null;
        }
        if (figure.hasGap()) {
            return new Shape.Fit(List.of(new Shape.Told(path, null)), 0);
        }
        double most =
                figure.numbers().stream().mapToDouble(Double::doubleValue).max().orElse(0);
        double least =
                figure.numbers().stream().mapToDouble(Double::doubleValue).min().orElse(0);
        if (least < 100 || most > 1000) {
            return null;
        }
        boolean isUsual = List.of(
                        110.0, 125.0, 165.0, 220.0, 250.0, 330.0, 370.0, 400.0, 425.0, 440.0, 450.0, 480.0, 500.0,
                        660.0)
                .contains(most);
        return new Shape.Fit(List.of(new Shape.Told(path, num(most))), isUsual ? 0 : 0.4);
    }

    private static Shape.@Nullable Fit tolerance(String path, Figure figure, @Nullable Unit unit) {
        if ((unit != null && unit != Unit.PERCENT) || figure.size() > 2 || figure.list("/-+") == null) {
            return null;
        }
        if (figure.hasGap()) {
            return new Shape.Fit(List.of(new Shape.Told(path, null)), 0);
        }
        double plus = Math.abs(figure.first());
        double minus = Math.abs(figure.numbers().get(figure.size() - 1));
        if (plus > 50 || minus > 50 || plus < 1) {
            return null;
        }
        Shape.Told above = new Shape.Told(path, num(plus));
        Shape.Told below = new Shape.Told("toleranceMinusPercent", num(minus));
        if (figure.isSigned() && figure.size() == 1) {
            return new Shape.Fit(List.of(figure.first() < 0 ? below : above), 0);
        }
        boolean isTurned = figure.size() == 2 && figure.isSigned() && figure.first() < 0;
        return isTurned
                ? new Shape.Fit(List.of(new Shape.Told(path, num(minus)), new Shape.Told(below.path(), num(plus))), 0)
                : new Shape.Fit(List.of(above, below), 0);
    }

    private static Shape.@Nullable Fit span(String path, Figure figure, @Nullable Unit unit) {
        boolean isSpan = figure.size() == 2
                && !figure.hasGap()
                && figure.first() < 0
                && figure.numbers().get(1) >= 40
                && figure.numbers().get(1) <= 130
                && (unit == null || unit == Unit.CELSIUS);
        return isSpan
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(MIN, num(figure.first())),
                                new Shape.Told(MAX, num(figure.numbers().get(1)))),
                        0)
                : null;
    }

    /** The climatic class of IEC 60068-1, as 25/085/21: from 25 below to 85 above nought, 21 days of damp. */
    private static Shape.@Nullable Fit climate(String path, Figure figure, @Nullable Unit unit) {
        boolean isClass = unit == null
                && figure.size() == 3
                && figure.joins().equals("//")
                && List.of(10.0, 25.0, 40.0, 55.0).contains(figure.first())
                && figure.numbers().get(1) >= 55
                && figure.numbers().get(1) <= 125
                && List.of(4.0, 10.0, 21.0, 56.0).contains(figure.numbers().get(2));
        return isClass
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(MIN, num(-figure.first())),
                                new Shape.Told(MAX, num(figure.numbers().get(1)))),
                        0)
                : null;
    }

    /** The can across and along, in inches. */
    private static Shape.@Nullable Fit can(String path, Figure figure, @Nullable Unit unit) {
        List<Figure> sides = figure.split('x');
        Double across = figure.isSigned() ? null : sides.get(0).single();
        Double along = sides.size() == 2 ? sides.get(1).single() : null;
        boolean isLength = unit == null || unit == Unit.INCHES;
        if (!isLength || across == null || along == null || across > WIDEST_CAN_INCHES || along > TALLEST_CAN_INCHES) {
            return null;
        }
        return new Shape.Fit(List.of(new Shape.Told(path, num(across)), new Shape.Told("heightInches", num(along))), 0);
    }

    private static void finish(Taking taking) {
        volts(taking);
        List<Map<String, Value>> sections = sections(taking);
        boolean isStart = taking.has(LOW) || taking.has(HIGH);
        taking.setRows("sections", isStart ? List.of() : sections);
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
        if (isStart || sections > 1 || taking.number(VOLTS) >= SURELY_RUN_VOLTS) {
            taking.set(DUTY, Value.of(isStart ? "start" : "run"));
        } else {
            taking.doubt(
                    DUTY, "run or start is not printed; one rated value is usual on run capacitors", Value.of("run"));
        }
    }

    private static void doubts(Taking taking, boolean isStart) {
        if (!taking.has("tolerancePlusPercent") && !isStart) {
            taking.doubt("tolerancePlusPercent", "not printed or not read; ±6 % is usual", num(6));
            taking.doubt("toleranceMinusPercent", "not printed or not read; ±6 % is usual", num(6));
        }
        if (!taking.has(VOLTS)) {
            taking.doubt(
                    VOLTS,
                    "not read; it never follows from the line volts. 440 serves a unit made for 370 or 440",
                    isStart ? null : num(USUAL_VOLTS));
        }
    }

    private static void volts(Taking taking) {
        List<Map<String, Value>> rows = taking.rows(RATED);
        Map<String, Value> byClass = new LinkedHashMap<>();
        double most = taking.number("ratedVolts");
        taking.move("ratedVolts", VOLTS);
        taking.remove("ratedVolts");
        for (int i = 0; i < rows.size(); i++) {
            taking.move(RATED + "[" + i + "]." + VOLTS, VOLTS);
            taking.move(RATED + "[" + i + "].hours", rows.size() > 1 ? "voltsByClass" : "");
            taking.move(RATED + "[" + i + "].class", rows.size() > 1 ? "voltsByClass" : "");
            if (rows.get(i).get(VOLTS) instanceof Value.Num volts) {
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
            taking.set(VOLTS, num(most));
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
        List<Map<String, Value>> rows = taking.rows(PARTS);
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i).get(MICROFARADS) instanceof Value.Num num) {
                parts.put(PARTS + "[" + i + "]." + MICROFARADS, num);
            }
        }
        List<Map<String, Value>> out = new ArrayList<>();
        Map<String, Value> named = new LinkedHashMap<>();
        for (String name : List.of(ONLY, HERM, FAN)) {
            Value value = taking.get(name);
            if (value != null) {
                (name.equals(ONLY) ? parts : named).put(name, value);
            }
            taking.remove(name);
        }
        if (named.isEmpty() && parts.size() == 2) {
            List<String> keys = new ArrayList<>(parts.keySet());
            keys.sort(Comparator.comparingDouble(k -> -((Value.Num) Objects.requireNonNull(parts.get(k))).number()));
            add(taking, out, "terminal", "HERM", keys.get(0), parts);
            add(taking, out, "terminal", "FAN", keys.get(1), parts);
        } else if (!named.isEmpty()) {
            named.keySet().forEach(key -> add(taking, out, "terminal", key.equals(HERM) ? "HERM" : "FAN", key, named));
            parts.keySet().forEach(key -> taking.move(key, ""));
        } else {
            parts.keySet()
                    .forEach(key -> add(
                            taking, out, parts.size() > 1 ? "name" : "", String.valueOf(out.size() + 1), key, parts));
        }
        return out;
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
        row.put(MICROFARADS, Objects.requireNonNull(from.get(key)));
        taking.move(key, "sections[" + out.size() + "]." + MICROFARADS);
        out.add(row);
    }
}
