package zestbench.core.plate;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/** The grammar of rating plates: figures stand beside their names, in any order and on any line. */
public final class PlateLabel {
    /** Its name in the open interface. */
    public static final String KIND = "unit-plate";

    private static final double OUNCES_PER_POUND = 16;
    private static final int MOST_ROWS = 8;
    private static final int LONGEST_ROW = 60;
    private static final double SURE = 0.97;

    private final String text;
    private final String small;
    private final boolean[] used;
    private final Map<String, Value> fields = new LinkedHashMap<>();
    private final List<LabelRead.Piece> pieces = new ArrayList<>();

    private PlateLabel(String text) {
        this.text = text;
        this.small = Letters.small(text).replace('–', '-').replace('\r', '\n');
        this.used = new boolean[text.length()];
    }

    /** Reads {@code text} as a unit's plate; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return new PlateLabel(text).run();
    }

    /** Whether the text speaks of a unit: a compressor or a model with circuit figures or a refrigerant beside it. */
    public static boolean resembles(String text) {
        Map<String, Value> fields = read(text).fields().fields();
        boolean circuit = fields.containsKey("minimumCircuitAmps")
                || fields.containsKey("maximumFuseAmps")
                || fields.containsKey("maximumBreakerAmps");
        boolean unit = fields.containsKey("compressors") || fields.containsKey("model");
        return (circuit && unit) || (unit && fields.containsKey("refrigerant"));
    }

    private LabelRead run() {
        identity();
        supply();
        protection();
        designPressures();
        for (PlateWords.Figure figure : PlateWords.FIGURES) {
            if (!find(figure.field(), figure.before()) && figure.behind() != null) {
                find(figure.field(), figure.behind());
            }
        }
        compressors();
        fans();
        refrigerant();
        PlateDoubts.settleCapacity(fields);
        List<LabelRead.Doubt> doubts = PlateDoubts.of(new Spec(new Value.Fields(fields)));
        double sure = fields.isEmpty() ? 0 : SURE;
        return new LabelRead(fields.isEmpty() ? null : KIND, sure, new Value.Fields(fields), pieces, doubts, unread());
    }

    private void identity() {
        Matcher model = free(PlateWords.MODEL);
        if (model != null) {
            take("model", Value.of(slice(model, 1)), model.start(1), model.end(1), model);
        }
        Matcher serial = free(PlateWords.SERIAL);
        if (serial != null) {
            take("serial", Value.of(slice(serial, 1)), serial.start(1), serial.end(1), serial);
        }
        Matcher made = free(PlateWords.MADE);
        if (made != null) {
            String month = made.group(1).length() == 1 ? "0" + made.group(1) : made.group(1);
            take("manufactured", Value.of(made.group(2) + "-" + month), made.start(1), made.end(2), made);
        }
    }

    private void supply() {
        Matcher range = free(PlateWords.RANGE);
        if (range != null) {
            double one = number(range.group(1));
            double two = number(range.group(2));
            boolean pair = (one == 208 && two == 230) || one == two;
            if (!pair) {
                boolean turned = one > two;
                cite(turned ? "maxVolts" : "minVolts", Value.of(one), range.start(1), range.end(1));
                cite(turned ? "minVolts" : "maxVolts", Value.of(two), range.start(2), range.end(2));
                use(range.start(), range.end());
            }
        }
        Matcher all = free(PlateWords.SUPPLY);
        if (all != null) {
            cite("volts", volts(all.group(1), all.group(2)), all.start(1), all.end(all.group(2) == null ? 1 : 2));
            cite("phase", Value.of(number(all.group(3))), all.start(3), all.end(3));
            cite("hertz", Value.numbers(number(all.group(4))), all.start(4), all.end(4));
            use(all.start(), all.end());
            return;
        }
        Matcher volts = free(PlateWords.VOLTS);
        if (volts != null) {
            boolean behind = volts.group(1) == null;
            String first = behind ? volts.group(3) : volts.group(1);
            String second = behind ? volts.group(4) : volts.group(2);
            int from = behind ? volts.start(3) : volts.start(1);
            int to = from + first.length() + (second == null ? 0 : 1 + second.length());
            take("volts", volts(first, second), from, to, volts);
        }
        either("phase", PlateWords.PHASE);
        Matcher hertz = free(PlateWords.HERTZ);
        if (hertz != null) {
            int group = hertz.group(1) != null ? 1 : 2;
            take("hertz", Value.numbers(number(hertz.group(group))), hertz.start(group), hertz.end(group), hertz);
        }
    }

    private static Value volts(String first, @Nullable String second) {
        return second == null ? Value.numbers(number(first)) : Value.numbers(number(first), number(second));
    }

    /** A plain "max overcurrent" or one that names fuse and breaker sets both; "max fuse" alone allows no breaker. */
    private void protection() {
        Matcher matcher = PlateWords.PROTECTION.matcher(small);
        while (matcher.find()) {
            String name = matcher.group(1);
            boolean fuse = name.contains("fuse");
            boolean breaker = name.contains("breaker") || name.contains("bkr") || name.contains("hacr");
            boolean any = name.contains("overcurrent") || name.startsWith("mo") || name.startsWith("m.o");
            if (isUsed(matcher.start(2), matcher.end(2)) || !(fuse || breaker || any)) {
                continue;
            }
            Value amps = Value.of(number(matcher.group(2)));
            if (fuse || !breaker) {
                cite("maximumFuseAmps", amps, matcher.start(2), matcher.end(2));
            }
            if (breaker || !fuse) {
                cite("maximumBreakerAmps", amps, matcher.start(2), matcher.end(2));
            }
            use(matcher.start(), matcher.end());
        }
    }

    /** How often the row that ends at {@code at} is there: {@code QTY 2}, {@code (2)}, {@code COMPRESSORS 1 & 2}; 1 where it does not say. */
    private int times(int from, int at) {
        Matcher count = PlateWords.TIMES.matcher(small);
        count.region(from, at);
        int times = 1;
        while (count.find()) {
            boolean isPair = count.group(3) != null;
            int said = isPair ? 2 : (int) number(count.group(1) != null ? count.group(1) : count.group(2));
            times = said >= 1 && said <= MOST_ROWS ? said : times;
            use(count.start(), count.end());
        }
        return times;
    }

    private int lineStart(int at) {
        return small.lastIndexOf('\n', at - 1) + 1;
    }

    /** Where the row of a compressor ends: at its line, or where a fan is named. */
    private int rowEnd(int at) {
        int newLine = small.indexOf('\n', at);
        int end = newLine < 0 ? small.length() : newLine;
        Matcher next = PlateWords.NEXT_ROW.matcher(small);
        next.region(at, end);
        return next.find() ? next.start() : end;
    }

    /** Each RLA is a compressor; the LRA that follows before the next one is its own. */
    private void compressors() {
        List<Matcher> rated = first(all(PlateWords.RLA));
        rated.forEach(m -> use(m.start(), m.end()));
        List<Matcher> locked = all(PlateWords.LRA);
        List<Value> rows = new ArrayList<>();
        for (int i = 0; i < rated.size(); i++) {
            String field = "compressors[" + rows.size() + "].";
            Map<String, Value> row = new LinkedHashMap<>();
            row.put("ratedLoadAmps", amps(field + "ratedLoadAmps", rated.get(i)));
            if (i < locked.size()) {
                row.put("lockedRotorAmps", amps(field + "lockedRotorAmps", locked.get(i)));
            }
            int times = rated.size() > 1
                    ? 1
                    : times(lineStart(rated.get(i).start()), rowEnd(rated.get(i).end()));
            for (int n = 0; n < times; n++) {
                rows.add(new Value.Fields(row));
            }
        }
        if (!rows.isEmpty()) {
            fields.put("compressors", new Value.Items(rows));
        }
    }

    /** Each FLA is a fan, an indoor one where its line says so; the HP on the same line is its own. */
    private void fans() {
        List<Value> outdoor = new ArrayList<>();
        List<Value> indoor = new ArrayList<>();
        for (Matcher rated : first(all(PlateWords.FLA))) {
            int line = Math.max(small.lastIndexOf('\n', rated.start()) + 1, rated.start() - LONGEST_ROW);
            int from = Math.max(line, lastUsedBefore(rated.start()));
            boolean inside = PlateWords.INDOOR
                    .matcher(small.substring(from, rated.start()))
                    .find();
            List<Value> rows = inside ? indoor : outdoor;
            String field = (inside ? "indoorFans[" : "outdoorFans[") + rows.size() + "].";
            Map<String, Value> row = new LinkedHashMap<>();
            int newLine = small.indexOf('\n', rated.end());
            int end = Math.min(newLine < 0 ? small.length() : newLine, rated.end() + LONGEST_ROW);
            Matcher power = PlateWords.POWER.matcher(small);
            power.region(from, end);
            if (power.find() && !isUsed(power.start(), power.end())) {
                row.put("horsepower", Value.of(horsepower(power)));
                cite(field + "horsepower", null, power.start(), power.end());
                use(power.start(), power.end());
            }
            int times = times(from, end);
            row.put("fullLoadAmps", amps(field + "fullLoadAmps", rated));
            for (int n = 0; n < times; n++) {
                rows.add(new Value.Fields(row));
            }
        }
        if (!outdoor.isEmpty()) {
            fields.put("outdoorFans", new Value.Items(outdoor));
        }
        if (!indoor.isEmpty()) {
            fields.put("indoorFans", new Value.Items(indoor));
        }
    }

    private static double horsepower(Matcher power) {
        int group = power.group(1) != null || power.group(3) != null ? 1 : 4;
        return power.group(group) != null
                ? number(power.group(group)) / number(power.group(group + 1))
                : number(power.group(group + 2));
    }

    private void refrigerant() {
        Matcher only = PlateWords.ONLY.matcher(small);
        if (only.find()) {
            cite("refrigerantOnly", Value.of(true), only.start(), only.end());
        }
        Matcher fuseClass = free(PlateWords.FUSE_CLASS);
        if (fuseClass != null) {
            take(
                    "shortCircuitFuseClass",
                    Value.of(Letters.large(fuseClass.group(1))),
                    fuseClass.start(1),
                    fuseClass.end(1),
                    fuseClass);
        }
        Matcher matcher = free(PlateWords.REFRIGERANT);
        if (matcher != null) {
            String name = "R-" + (matcher.group(1).endsWith("yf") ? matcher.group(1) : Letters.large(matcher.group(1)));
            take("refrigerant", Value.of(name), matcher.start(), matcher.end(), matcher);
        }
        Matcher charge = free(PlateWords.CHARGE);
        if (charge != null) {
            double ounces = charge.group(3) != null
                    ? number(charge.group(3))
                    : number(charge.group(1)) * OUNCES_PER_POUND
                            + (charge.group(2) == null ? 0 : number(charge.group(2)));
            take("chargeOunces", Value.of(ounces), charge.start(), charge.end(), charge);
        }
        Matcher valve = free(PlateWords.VALVE);
        Matcher orifice = free(PlateWords.ORIFICE);
        Matcher metering = valve != null ? valve : orifice;
        if (metering != null) {
            take("metering", Value.of(valve != null ? "VALVE" : "ORIFICE"), metering.start(), metering.end(), metering);
        }
    }

    /** High and low side, their figure on either side of the word; a plate that names one pressure for all sets both. */
    private void designPressures() {
        for (Pattern pattern : PlateWords.DESIGN) {
            Matcher matcher = free(pattern);
            if (matcher != null) {
                cite(
                        "highSideDesignPsig",
                        Value.of(number(matcher.group("high"))),
                        matcher.start("high"),
                        matcher.end("high"));
                cite(
                        "lowSideDesignPsig",
                        Value.of(number(matcher.group("low"))),
                        matcher.start("low"),
                        matcher.end("low"));
                use(matcher.start(), matcher.end());
                return;
            }
        }
        Matcher one = free(PlateWords.MAX_DESIGN);
        if (one != null) {
            cite("lowSideDesignPsig", Value.of(number(one.group(1))), one.start(1), one.end(1));
            cite("highSideDesignPsig", Value.of(number(one.group(1))), one.start(1), one.end(1));
            use(one.start(), one.end());
        }
    }

    private boolean find(String field, Pattern pattern) {
        Matcher matcher = free(pattern);
        if (matcher == null) {
            return false;
        }
        take(field, Value.of(number(matcher.group(1))), matcher.start(1), matcher.end(1), matcher);
        return true;
    }

    private void either(String field, Pattern pattern) {
        Matcher matcher = free(pattern);
        if (matcher != null) {
            int group = matcher.group(1) != null ? 1 : 2;
            take(field, Value.of(number(matcher.group(group))), matcher.start(group), matcher.end(group), matcher);
        }
    }

    private Value amps(String field, Matcher matcher) {
        cite(field, null, matcher.start(1), matcher.end(1));
        use(matcher.start(), matcher.end());
        return Value.of(number(matcher.group(1)));
    }

    /** The first match that touches nothing taken before; null where there is none. */
    private @Nullable Matcher free(Pattern pattern) {
        Matcher matcher = pattern.matcher(small);
        while (matcher.find()) {
            if (!isUsed(matcher.start(), matcher.end())) {
                return matcher;
            }
        }
        return null;
    }

    /** Every figure of that name; those with the name behind them count only where none has it before. */
    private List<Matcher> all(PlateWords.Figure figure) {
        List<Matcher> before = all(figure.before());
        List<Matcher> behind = figure.behind() == null ? List.of() : all(figure.behind());
        boolean isInFront = !behind.isEmpty()
                && (before.isEmpty() || behind.get(0).start(1) < before.get(0).start());
        return isInFront ? behind : before;
    }

    /** A plate has no more rows of a kind; what is beyond is left unread. */
    private static List<Matcher> first(List<Matcher> rows) {
        return rows.subList(0, Math.min(MOST_ROWS, rows.size()));
    }

    private List<Matcher> all(Pattern pattern) {
        List<Matcher> out = new ArrayList<>();
        int from = 0;
        Matcher matcher = pattern.matcher(small);
        while (matcher.find(from)) {
            if (!isUsed(matcher.start(), matcher.end())) {
                out.add(matcher);
            }
            from = matcher.end();
            matcher = pattern.matcher(small);
        }
        return out;
    }

    private void take(String field, Value value, int from, int to, Matcher whole) {
        cite(field, value, from, to);
        use(whole.start(), whole.end());
    }

    private void cite(String field, @Nullable Value value, int from, int to) {
        if (value != null) {
            fields.put(field, value);
        }
        pieces.add(new LabelRead.Piece(field, text.substring(from, to), from, to, SURE));
    }

    private void use(int from, int to) {
        for (int i = from; i < to; i++) {
            used[i] = true;
        }
    }

    private boolean isUsed(int from, int to) {
        for (int i = from; i < to; i++) {
            if (used[i]) {
                return true;
            }
        }
        return false;
    }

    private int lastUsedBefore(int at) {
        for (int i = at - 1; i >= 0; i--) {
            if (used[i]) {
                return i + 1;
            }
        }
        return 0;
    }

    /** Words no character of which was taken. */
    private List<String> unread() {
        List<String> out = new ArrayList<>();
        int from = -1;
        for (int i = 0; i <= text.length(); i++) {
            boolean inside = i < text.length() && !used[i] && text.charAt(i) > ' ';
            if (inside && from < 0) {
                from = i;
            } else if (!inside && from >= 0) {
                String word = text.substring(from, i);
                if (word.length() > 1 && word.matches(".*[A-Za-z0-9].*") && !isHeading(word)) {
                    out.add(word);
                }
                from = -1;
            }
        }
        return out;
    }

    private static boolean isHeading(String word) {
        return PlateWords.HEADING.matcher(word.replaceAll("[:;,]", "")).matches();
    }

    private String slice(Matcher matcher, int group) {
        return text.substring(matcher.start(group), matcher.end(group));
    }

    private static double number(String digits) {
        return Double.parseDouble(digits.replace(',', '.'));
    }
}
