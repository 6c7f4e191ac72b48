package zestbench.core.plate;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zestbench.core.family.Spec;
import zestbench.core.label.Taking;
import zestbench.core.value.Value;

/** What follows from what was read off a plate. */
final class PlateSettling {
    private static final double OUNCES_PER_POUND = 16;
    private static final double OUNCES_PER_KILOGRAM = 35.274;
    private static final int MOST_ROWS = 8;
    private static final String QUANTITY = "quantity";

    private PlateSettling() {}

    static void finish(Taking taking) {
        charge(taking);
        Value alone = taking.get("refrigerantAlone");
        if (alone != null) {
            taking.set("refrigerant", alone);
            taking.set("refrigerantOnly", Value.of(true));
        }
        taking.remove("refrigerantAlone");
        taking.move("refrigerantAlone", "refrigerant");
        taking.move(PlateLabel.UNIT_AMPS, "");
        taking.remove(PlateLabel.UNIT_AMPS);
        for (String name : List.of("volts", "phase", "hertz")) {
            for (String group :
                    List.of(PlateLabel.COMPRESSORS, PlateLabel.OUTDOOR, PlateLabel.INDOOR, PlateLabel.HEATER)) {
                int at = 0;
                for (Map<String, Value> row : taking.rows(group)) {
                    taking.move(group + "[" + at++ + "]." + name, name);
                    if (!taking.has(name) && row.containsKey(name)) {
                        taking.set(name, row.get(name));
                    }
                }
            }
        }
        rows(taking, PlateLabel.COMPRESSORS, List.of("ratedLoadAmps", "lockedRotorAmps"));
        rows(taking, PlateLabel.OUTDOOR, List.of("horsepower", "fullLoadAmps"));
        rows(taking, PlateLabel.INDOOR, List.of("horsepower", "fullLoadAmps"));
        taking.move(PlateLabel.HEATER + "[0].amps", "heaterAmps");
        taking.move(PlateLabel.HEATER + "[0].kilowatts", "heaterKilowatts");
        for (Map<String, Value> row : taking.rows(PlateLabel.HEATER)) {
            if (row.containsKey("amps")) {
                taking.set("heaterAmps", row.get("amps"));
            }
            if (row.containsKey("kilowatts")) {
                taking.set("heaterKilowatts", row.get("kilowatts"));
            }
        }
        taking.move(QUANTITY, "");
        taking.remove(QUANTITY);
        Map<String, Value> fields = new LinkedHashMap<>();
        taking.entries().forEach(e -> fields.put(e.getKey(), e.getValue()));
        PlateDoubts.settleCapacity(fields);
        fields.forEach(taking::set);
        PlateDoubts.of(new Spec(new Value.Fields(fields))).forEach(d -> taking.doubt(d.field(), d.why(), d.suggest()));
    }

    private static void charge(Taking taking) {
        double pounds = taking.number("chargePounds");
        double ounces = taking.number("chargeMoreOunces");
        double kilograms = taking.number("chargeKilograms");
        if (!Double.isNaN(pounds) || !Double.isNaN(ounces)) {
            double all = (Double.isNaN(pounds) ? 0 : pounds * OUNCES_PER_POUND) + (Double.isNaN(ounces) ? 0 : ounces);
            taking.set("chargeOunces", Value.of(all));
        } else if (!Double.isNaN(kilograms)) {
            taking.set("chargeOunces", Value.of(kilograms * OUNCES_PER_KILOGRAM));
        }
        for (String part : List.of("chargePounds", "chargeMoreOunces", "chargeKilograms")) {
            taking.move(part, "chargeOunces");
            taking.remove(part);
        }
    }

    /** Rows with figures of their own, each as often as its quantity says. */
    private static void rows(Taking taking, String group, List<String> names) {
        List<Map<String, Value>> out = new ArrayList<>();
        int at = -1;
        for (Map<String, Value> row : taking.rows(group)) {
            at++;
            taking.move(group + "[" + at + "]." + QUANTITY, "");
            for (String name : names) {
                taking.move(group + "[" + at + "]." + name, group + "[" + out.size() + "]." + name);
            }
            Map<String, Value> own = new LinkedHashMap<>();
            names.stream().filter(row::containsKey).forEach(n -> own.put(n, row.get(n)));
            int times = row.get(QUANTITY) instanceof Value.Num num ? (int) num.number() : 1;
            for (int i = 0; i < times && !own.isEmpty() && out.size() < MOST_ROWS; i++) {
                out.add(own);
            }
        }
        taking.setRows(group, out);
    }
}
