package zestbench.core.options;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import zestbench.core.charge.Weight;
import zestbench.core.options.CustomerOption.Line;
import zestbench.core.options.CustomerOption.Tier;
import zestbench.core.options.CustomerOption.Weighed;
import zestbench.core.plate.Plates;
import zestbench.core.plate.UnitAge;
import zestbench.core.quantity.Figures;

/**
 * What is open once a compressor is condemned: another compressor, an outdoor unit, a whole system, each with its parts and with
 * what the record says for it and against it. Prices are asked, never guessed. The weighing is common practice; what the
 * refrigerant rules out is law (40 CFR 82, subpart A, from memory: since 2010 no new unit is made for R-22).
 */
public final class ThreeWays {
    /** From here on a unit is past the middle of its usual life. [practice] */
    public static final int MIDDLE_YEARS = 10;

    /** From here on it is at the end of it. [practice] */
    public static final int END_YEARS = 15;

    /** From here on earlier repairs tell of the unit and not of one part. [practice] */
    public static final int MANY_PARTS = 2;

    private static final String NO_LONGER_MADE = "R-22";

    private final Known known;
    private final OptionalInt years;
    private final String refrigerant;

    /**
     * What is known where they are put together.
     *
     * @param compressor the one that is condemned, as its label says in short
     * @param offered the one that the truck has for it, with its price; null where there is none
     * @param partsReplaced parts put in on earlier visits that are still in
     * @param until the last day its maker answers for the compressor; null where that is not known
     * @param isAcid whether its oil is acid
     * @param today as 2026-11-28
     */
    public record Known(
            String compressor,
            @Nullable Line offered,
            Plates plates,
            int partsReplaced,
            @Nullable String until,
            boolean isAcid,
            String today) {}

    private ThreeWays(Known known) {
        this.known = known;
        this.years = UnitAge.years(known.plates().outdoor(), known.today());
        this.refrigerant = known.plates().outdoor().text("refrigerant").orElse("");
    }

    /** The three, what most speaks for first; by how far they go where nothing tells. @param key by which they are told from those of other parts */
    public static List<CustomerOption> of(String key, Known known) {
        ThreeWays ways = new ThreeWays(known);
        return List.of(
                        ways.option(
                                key,
                                Tier.PROPER,
                                "New compressor: " + known.compressor(),
                                ways.compressorParts(),
                                ways.ofCompressor()),
                        ways.option(
                                key,
                                Tier.OUTDOOR_UNIT,
                                "New outdoor unit" + ways.size(),
                                ways.outdoorParts(),
                                ways.ofOutdoorUnit()),
                        ways.option(
                                key,
                                Tier.SYSTEM,
                                "New system, outdoors and indoors" + ways.size(),
                                ways.systemParts(),
                                ways.ofSystem()))
                .stream()
                .sorted(Comparator.comparingInt(ThreeWays::balance).reversed())
                .toList();
    }

    /** How many reasons more speak for an option than against it. */
    static int balance(CustomerOption option) {
        return option.weighs().stream().mapToInt(w -> w.speaksFor() ? 1 : -1).sum();
    }

    private CustomerOption option(String key, Tier tier, String words, List<Line> parts, List<Weighed> weighs) {
        return new CustomerOption(key + " " + tier.name(), tier, words, parts, 0, null, weighs);
    }

    private List<Line> compressorParts() {
        List<Line> out = new ArrayList<>();
        out.add(known.offered() != null ? known.offered() : toPrice("Compressor, " + known.compressor()));
        out.add(toPrice("Liquid line drier"));
        if (known.isAcid()) {
            out.add(toPrice("Suction line drier, out again once the oil is clean"));
        }
        known.plates()
                .outdoor()
                .number("chargeOunces")
                .ifPresent(ounces -> out.add(toPrice((refrigerant.isEmpty() ? "Refrigerant" : refrigerant) + ", "
                        + Weight.words(ounces) + " by the plate")));
        return out;
    }

    private List<Line> outdoorParts() {
        return List.of(toPrice("Outdoor unit" + size()), toPrice("Liquid line drier"));
    }

    private List<Line> systemParts() {
        return List.of(
                toPrice("Outdoor unit" + size()),
                toPrice("Indoor coil or air handler that is rated with it"),
                toPrice("Line set, or the old one flushed"));
    }

    private static Line toPrice(String name) {
        return new Line(name, 1, null);
    }

    private String size() {
        double tons = known.plates().facts().tons();
        return tons > 0 ? ", " + Figures.plain(tons) + " ton" : "";
    }

    private List<Weighed> ofCompressor() {
        List<Weighed> out = new ArrayList<>();
        if (isUnderWarranty()) {
            out.add(forIt(
                    "Its maker answers for the compressor until " + known.until() + ": the part may cost nothing."));
        }
        if (isAged(0, MIDDLE_YEARS)) {
            out.add(forIt(age() + ": the rest of it has years to go."));
        } else if (isAged(MIDDLE_YEARS, END_YEARS)) {
            out.add(against(age() + ": fan, coil and controls are as old."));
        } else if (isAged(END_YEARS, Integer.MAX_VALUE)) {
            out.add(against(age() + ", at the end of what units usually last."));
        }
        if (known.partsReplaced() >= MANY_PARTS) {
            out.add(against(known.partsReplaced() + " parts were put in before."));
        }
        if (known.isAcid()) {
            out.add(against("Acid in the circuit: what is left of it goes at the next one too."));
        }
        if (isNoLongerMade()) {
            out.add(against(refrigerant + " is no longer made: each leak costs more."));
        }
        return out;
    }

    private List<Weighed> ofOutdoorUnit() {
        List<Weighed> out = new ArrayList<>();
        out.add(forIt("Compressor, fan, coil and controls new together, under one warranty."));
        if (isNoLongerMade()) {
            out.add(against("No new unit is made for " + refrigerant + ": the coil indoors would not go with it."));
            out.add(against("Lines and metering would be another refrigerant's."));
        } else {
            out.add(against("Coil indoors and metering stay: they have to be rated with it, by its maker's table."));
        }
        if (isAged(0, MIDDLE_YEARS)) {
            out.add(against(age() + ": much of what goes out is still good."));
        } else if (isAged(END_YEARS, Integer.MAX_VALUE)) {
            out.add(against(age() + ": what stays indoors is usually as old."));
        } else if (isAged(MIDDLE_YEARS, END_YEARS) || known.partsReplaced() >= MANY_PARTS) {
            out.add(forIt(repairs() + " outdoors start anew with it."));
        }
        return out;
    }

    private List<Weighed> ofSystem() {
        List<Weighed> out = new ArrayList<>();
        if (isAged(END_YEARS, Integer.MAX_VALUE)) {
            out.add(forIt(age() + ": what is indoors is usually as old."));
        } else if (isAged(0, MIDDLE_YEARS)) {
            out.add(against(age() + ": much of what goes out is still good."));
        }
        if (isNoLongerMade()) {
            out.add(forIt("It ends " + refrigerant + ", which is no longer made."));
        }
        if (known.partsReplaced() >= MANY_PARTS && !isAged(0, MIDDLE_YEARS)) {
            out.add(forIt(known.partsReplaced() + " parts were put in before."));
        }
        out.add(against("It costs most now."));
        return out;
    }

    private String repairs() {
        return known.partsReplaced() == 0 ? "The years" : "The years and " + known.partsReplaced() + " repairs";
    }

    private boolean isUnderWarranty() {
        return known.until() != null && known.until().compareTo(known.today()) >= 0;
    }

    private boolean isNoLongerMade() {
        return refrigerant.equals(NO_LONGER_MADE);
    }

    private boolean isAged(int from, int below) {
        return years.isPresent() && years.getAsInt() >= from && years.getAsInt() < below;
    }

    private String age() {
        return UnitAge.words(years.orElse(0)) + " old";
    }

    private static Weighed forIt(String words) {
        return new Weighed(words, true);
    }

    private static Weighed against(String words) {
        return new Weighed(words, false);
    }
}
