package zestbench.core.capacitor;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import zestbench.core.capacitor.CapacitorRating.Terminal;
import zestbench.core.family.Attribute;
import zestbench.core.family.MatchAnswer.Assignment;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Limits;
import zestbench.core.stock.Share;

/** Words one assembly in full: every criterion with its why, what changes, what to look for. */
final class Assessment {
    private final Requirement needed;
    private final CapacitorForm form;
    private final Assembly assembly;
    private final List<CapacitorRating> parts;
    private final List<Criterion> criteria = new ArrayList<>();
    private final Set<String> changes = new LinkedHashSet<>();
    private final Set<String> asks = new LinkedHashSet<>();

    private Assessment(Requirement needed, CapacitorForm form, Assembly assembly) {
        this.needed = needed;
        this.form = form;
        this.assembly = assembly;
        this.parts = assembly.parts();
    }

    static Match of(Requirement needed, CapacitorForm form, Assembly assembly) {
        return new Assessment(needed, form, assembly).match();
    }

    private Match match() {
        check(PieceChecks.DUTY);
        if (needed.rating().sections().isEmpty()) {
            range();
        }
        for (int slot = 0; slot < needed.slots().size(); slot++) {
            capacitance(slot);
        }
        check(PieceChecks.VOLTS);
        if (!needed.rating().sections().isEmpty()) {
            tolerance();
        }
        check(PieceChecks.PROTECTION);
        check(PieceChecks.HERTZ);
        check(PieceChecks.TEMPERATURE);
        joining();
        check(PieceChecks.SHAPE);
        if (needed.rating().bleedResistor().isPresent()) {
            check(PieceChecks.BLEED);
        }
        Grade grade = Grade.LIKE_FOR_LIKE;
        for (Criterion criterion : criteria) {
            grade = grade.worst(criterion.outcome());
        }
        if (grade == Grade.STOPGAP) {
            changes.add("Comes out again when the proper part is here: a return date is asked for");
        }
        List<String> ids = assembly.pieces().stream().map(p -> p.unit().id()).toList();
        return new Match(
                ids, assignments(), title(), grade, List.copyOf(criteria), List.copyOf(changes), List.copyOf(asks));
    }

    private void check(PieceChecks check) {
        CapacitorRating worst = parts.get(0);
        Grade outcome = check.outcome(needed, worst);
        for (CapacitorRating part : parts) {
            Grade other = check.outcome(needed, part);
            if (other.compareTo(outcome) > 0) {
                outcome = other;
                worst = part;
            }
        }
        Optional<String> wanted = check.wanted(needed);
        Optional<String> offered = check == PieceChecks.VOLTS ? lowestVolts() : check.value(worst);
        String why;
        if (outcome == Grade.UNDECIDED) {
            why = "without it no match can be decided";
            ask(check, wanted.isEmpty());
        } else if (wanted.isEmpty() && !(check == PieceChecks.VOLTS)) {
            why = "nothing is asked for";
        } else if (offered.isEmpty()) {
            why = "not on the label, leaves the grade as it is";
            ask(check, false);
        } else {
            why = check.why(needed, worst, outcome);
        }
        if (check == PieceChecks.VOLTS && wanted.isEmpty() && outcome == Grade.SUITABLE) {
            asks.add("The volts of the old part were not read: look behind the µF, as 370 or 440 VAC");
        }
        Mark mark = check == PieceChecks.PROTECTION ? Mark.fromMemory("IEC 60252-1, UL 810") : Mark.PRACTICE;
        criteria.add(new Criterion(
                check.attribute(),
                PieceChecks.orNotOnLabel(wanted),
                PieceChecks.orNotOnLabel(offered),
                outcome,
                Reckoning.of(mark, "{}", why)));
        if (check == PieceChecks.SHAPE && outcome == Grade.NEEDS_CHANGE) {
            changes.add("Another strap or bracket for the can");
        }
    }

    private void ask(PieceChecks check, boolean ofRequired) {
        String name = switch (check) {
            case DUTY -> "duty";
            case VOLTS -> "volts";
            case PROTECTION -> "protection";
            case HERTZ -> "hertz";
            case TEMPERATURE -> "maxCelsius";
            case SHAPE -> "shape";
            case BLEED -> "bleedResistor";
        };
        Attribute attribute = CapacitorAttributes.ALL.stream()
                .filter(a -> a.name().equals(name))
                .findFirst()
                .orElseThrow();
        asks.add((ofRequired ? "Old part: " : "New part: ") + attribute.label() + " is printed " + attribute.where());
    }

    private Optional<String> lowestVolts() {
        return parts.stream()
                .map(CapacitorRating::volts)
                .reduce((a, b) -> a.isEmpty() || b.isEmpty() ? Optional.empty() : a.get() <= b.get() ? a : b)
                .flatMap(v -> v)
                .map(v -> Figures.plain(v) + " V");
    }

    private void capacitance(int slot) {
        List<Share<CapacitorRating>> shares = assembly.shares().get(slot);
        String wanted = Figures.plain(needed.microfarads(slot)) + " µF";
        if (shares.isEmpty()) {
            boolean unread = parts.get(0).sections().isEmpty()
                    && parts.get(0).startRange().isEmpty();
            String why = unread ? "without it no match can be decided" : "nothing in it serves this terminal";
            if (unread) {
                asks.add("New part: Capacitance is the largest print");
            }
            add(
                    needed.slotName(slot),
                    wanted,
                    unread ? NOT_ON_LABEL : "none",
                    unread ? Grade.UNDECIDED : Grade.REFUSED,
                    why);
            return;
        }
        List<String> terms = new ArrayList<>();
        for (Share<CapacitorRating> share : shares) {
            for (int section : share.sections()) {
                terms.add(
                        Figures.plain(share.lot().part().sections().get(section).microfarads()));
            }
        }
        double sum = CapacitorForm.sum(shares);
        String offered = terms.size() == 1
                ? terms.get(0) + " µF"
                : String.join(" + ", terms) + " = " + Figures.plain(sum) + " µF";
        Grade outcome = form.capacitance(slot, shares);
        Limits band = needed.rating().tolerance().around(needed.microfarads(slot));
        String why = switch (outcome) {
            case LIKE_FOR_LIKE -> terms.size() == 1 ? "same rated value" : "in parallel µF add";
            case SUITABLE -> "another rated value inside " + band.text() + ", which the shop allows";
            default ->
                band.contains(sum)
                        ? "another rated value inside " + band.text() + ", which the shop does not allow"
                        : "another rated value, outside " + band.text();
        };
        Mark mark = terms.size() == 1 ? Mark.PRACTICE : Mark.PHYSICS;
        criteria.add(new Criterion(needed.slotName(slot), wanted, offered, outcome, Reckoning.of(mark, "{}", why)));
    }

    /** A start capacitor's range has to be equal or inside. */
    private void range() {
        Optional<Limits> wanted = needed.rating().startRange();
        Optional<Limits> offered = parts.get(0).startRange();
        Grade outcome = Grade.UNDECIDED;
        String why = "without it no match can be decided";
        if (wanted.isPresent() && offered.isPresent()) {
            boolean inside = wanted.get().contains(offered.get());
            outcome = inside ? (wanted.equals(offered) ? Grade.LIKE_FOR_LIKE : Grade.SUITABLE) : Grade.REFUSED;
            why = inside ? "equal or inside" : "the range has to be equal or inside";
        } else if (!parts.get(0).sections().isEmpty() && wanted.isPresent()) {
            outcome = Grade.REFUSED;
            why = "one rated value, where a range is needed";
        } else {
            asks.add((wanted.isEmpty() ? "Old" : "New") + " part: Capacitance is the largest print");
        }
        add("Capacitance", rangeText(wanted), rangeText(offered), outcome, why);
    }

    private static String rangeText(Optional<Limits> range) {
        return range.map(r -> r.text() + " µF").orElse(NOT_ON_LABEL);
    }

    private void tolerance() {
        Grade outcome = Grade.LIKE_FOR_LIKE;
        StringBuilder combined = new StringBuilder();
        for (int slot = 0; slot < assembly.shares().size(); slot++) {
            List<Share<CapacitorRating>> shares = assembly.shares().get(slot);
            if (!shares.isEmpty()) {
                outcome = outcome.worst(form.tolerance(slot, shares));
            }
            if (shares.size() > 1) {
                Limits band = CapacitorForm.band(shares);
                Limits allowed = needed.rating().tolerance().around(needed.microfarads(slot));
                combined.append(needed.slotName(slot))
                        .append(" worst case ")
                        .append(band.text())
                        .append(", allowed ")
                        .append(allowed.text())
                        .append("; ");
            }
        }
        boolean allPrinted = parts.stream().allMatch(p -> p.tolerance().printed());
        boolean oldPrinted = needed.rating().tolerance().printed();
        String why;
        if (!allPrinted || !oldPrinted) {
            why = "not on the label, ±6 % is usual, leaves the grade as it is";
            asks.add((allPrinted ? "Old" : "New") + " part: Tolerance is printed on the rating line; ±6 % is taken");
        } else {
            why = switch (outcome) {
                case STOPGAP -> "wider: a stopgap at most";
                case SUITABLE -> "one point wider, which is allowed";
                default -> "same or tighter";
            };
        }
        String offered = allPrinted
                ? String.join(
                        " and ",
                        parts.stream().map(p -> p.tolerance().text()).distinct().toList())
                : NOT_ON_LABEL;
        criteria.add(new Criterion(
                "Tolerance",
                oldPrinted ? needed.rating().tolerance().text() : NOT_ON_LABEL,
                offered,
                outcome,
                Reckoning.of(assembly.isMakeUp() ? Mark.PHYSICS : Mark.PRACTICE, "{}{}", combined.toString(), why)));
    }

    private void joining() {
        if (needed.rating().sections().isEmpty() || assembly.shares().stream().anyMatch(List::isEmpty)) {
            return;
        }
        int pieces = assembly.pieces().size();
        Grade outcome = form.form(assembly.shares(), pieces);
        String why;
        if (assembly.isMakeUp()) {
            why = outcome == Grade.REFUSED
                    ? "made up in parallel, which the shop does not allow"
                    : "made up in parallel: more joints, more straps";
        } else if (pieces > 1) {
            why = "a piece for each terminal, commons joined";
        } else {
            why = parts.get(0).isUniversal()
                    ? "sections chosen on a universal part"
                    : outcome == Grade.LIKE_FOR_LIKE ? "same form" : "one terminal stays unused";
        }
        add("Form", needed.rating().isDual() ? "dual" : "single", formText(), outcome, why);
        new Changes(needed, assembly, form).addTo(changes);
    }

    private String formText() {
        if (assembly.pieces().size() > 1) {
            return assembly.pieces().size() + " pieces";
        }
        CapacitorRating part = parts.get(0);
        return part.isUniversal() ? "universal" : part.isDual() ? "dual" : "single";
    }

    private void add(String attribute, String required, String offered, Grade outcome, String why) {
        criteria.add(new Criterion(attribute, required, offered, outcome, Reckoning.of(Mark.PRACTICE, "{}", why)));
    }

    private List<Assignment> assignments() {
        List<Assignment> out = new ArrayList<>();
        for (int p = 0; p < assembly.pieces().size(); p++) {
            var piece = assembly.pieces().get(p);
            for (int slot = 0; slot < needed.slots().size(); slot++) {
                int mask = slot < piece.masks().size() ? piece.masks().get(slot) : 0;
                if (mask != 0) {
                    Terminal terminal = needed.slots().get(slot);
                    out.add(new Assignment(
                            piece.unit().id(),
                            p,
                            terminal == null ? null : terminal.name(),
                            new Share<>(piece.lot(), mask).sections()));
                }
            }
        }
        return out;
    }

    private String title() {
        return String.join(
                " and ",
                assembly.pieces().stream()
                        .map(p -> p.lot().part())
                        .map(p -> p.isUniversal() ? "universal, " + p.sections().size() + " sections" : p.valueText())
                        .toList());
    }
}
