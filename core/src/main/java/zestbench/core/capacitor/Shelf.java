package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.judgement.Grade;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.shop.ShopRules;
import zestbench.core.stock.CombinationSearch;
import zestbench.core.stock.Lot;
import zestbench.core.stock.Want;

/** What lies in stock, sorted once so that many questions can be asked of it: pieces of equal rating are one lot. */
public final class Shelf {
    /** Behind so many cheaper pieces that serve alike, a piece can no longer be in the best twelve of up to six pieces. */
    private static final int ALIKE_KEPT = CombinationSearch.KEPT + Lot.MOST_UNITS - 1;

    /** One line of stock by itself. */
    record Line(Lot<CapacitorRating> lot, double cost) {}

    /** Pieces of the same sections, tolerance and outcome can stand in for each other. */
    private record Alike(List<CapacitorRating.Section> sections, Tolerance tolerance, Grade grade) {}

    private final List<List<Line>> lines;
    private final List<Lot<CapacitorRating>> lots;

    private Shelf(List<List<Line>> lines, List<Lot<CapacitorRating>> lots) {
        this.lines = lines;
        this.lots = lots;
    }

    /** Sorts stock; lines with nothing left are passed over. */
    public static Shelf of(List<StockLine> stock) {
        Map<CapacitorRating, List<Lot.Unit>> byRating = new LinkedHashMap<>();
        Map<CapacitorRating, List<Lot.Unit>> linesByRating = new LinkedHashMap<>();
        for (int i = 0; i < stock.size(); i++) {
            StockLine line = stock.get(i);
            if (line.quantity() <= 0) {
                continue;
            }
            CapacitorRating rating;
            try {
                rating = CapacitorRating.from(line.spec());
            } catch (InputProblem problem) {
                throw problem.within("stock[" + i + "].spec");
            }
            Lot.Unit unit = new Lot.Unit(line.id(), line.cost());
            linesByRating.computeIfAbsent(rating, r -> new ArrayList<>()).add(unit);
            byRating.computeIfAbsent(rating, r -> new ArrayList<>())
                    .addAll(Collections.nCopies(Math.min(Lot.MOST_UNITS, line.quantity()), unit));
        }
        List<List<Line>> lines = new ArrayList<>();
        linesByRating.forEach((rating, units) -> lines.add(cheapest(rating, units)));
        List<Lot<CapacitorRating>> lots = new ArrayList<>();
        byRating.forEach((rating, units) -> lots.add(lot(rating, units)));
        return new Shelf(lines, lots);
    }

    /** Of lines that are rated alike only the cheapest can be among the best twelve of their grade. */
    private static List<Line> cheapest(CapacitorRating rating, List<Lot.Unit> units) {
        Collections.sort(units);
        List<Line> out = new ArrayList<>();
        for (Lot.Unit unit : units.subList(0, Math.min(CombinationSearch.KEPT, units.size()))) {
            out.add(new Line(lot(rating, List.of(unit)), unit.cost()));
        }
        return out;
    }

    static Lot<CapacitorRating> lot(CapacitorRating rating, List<Lot.Unit> units) {
        List<Long> values = new ArrayList<>();
        for (CapacitorRating.Section section : rating.sections()) {
            values.add(CapacitorForm.thousandths(section.microfarads()));
        }
        return Lot.of(rating, values, units);
    }

    /** Lines one by one, those that are rated alike together, the cheapest first. */
    List<List<Line>> lines() {
        return lines;
    }

    /** The lots that may be fitted at all, of those that serve alike only the cheapest. */
    List<Lot<CapacitorRating>> usable(Requirement needed) {
        Map<Alike, List<Lot<CapacitorRating>>> alike = new LinkedHashMap<>();
        for (Lot<CapacitorRating> lot : lots) {
            Grade grade = PieceChecks.worst(needed, lot.part());
            if (grade.fits() && !lot.values().isEmpty()) {
                Alike key = new Alike(lot.part().sections(), lot.part().tolerance(), grade);
                alike.computeIfAbsent(key, k -> new ArrayList<>()).add(lot);
            }
        }
        List<Lot<CapacitorRating>> out = new ArrayList<>();
        for (List<Lot<CapacitorRating>> group : alike.values()) {
            group.sort(Comparator.comparing(l -> l.units().get(0)));
            out.addAll(group.subList(0, Math.min(ALIKE_KEPT, group.size())));
        }
        return out;
    }

    List<Want> wants(Requirement needed, ShopRules rules) {
        List<Want> out = new ArrayList<>();
        for (int slot = 0; slot < needed.slots().size(); slot++) {
            double rated = needed.microfarads(slot);
            long exact = CapacitorForm.thousandths(rated);
            Limits band = needed.rating().tolerance().around(rated);
            out.add(
                    rules.otherNominalWithinTolerance()
                            ? new Want(exact, (long) Math.ceil(band.low() * CapacitorForm.THOUSANDTHS), (long)
                                    Math.floor(band.high() * CapacitorForm.THOUSANDTHS))
                            : Want.exactly(exact));
        }
        return out;
    }
}
