package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.family.MatchAnswer.Assignment;
import zestbench.core.family.Sections;
import zestbench.core.family.Spec;
import zestbench.core.family.Trait;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Verdict;
import zestbench.core.value.Value;

/** Capacitor sections that are there already: what stays of the old part, what a new one has to spare. */
final class Standing {
    private Standing() {}

    /**
     * The old part as far as it may stay: whole where all of it reads good and only what it serves has changed, else its good
     * sections where another one is out.
     */
    static Optional<Spec> staying(PartState part, boolean isServedAnew) {
        if (!part.family().has(Trait.SERVES_IN_SECTIONS) || part.closed() != null) {
            return Optional.empty();
        }
        if (part.tests().isGood()) {
            return isServedAnew ? Optional.of(part.spec()) : Optional.empty();
        }
        List<Spec> rows = Sections.of(part.spec());
        List<Integer> good = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Taken read =
                    part.tests().readings().get(Sections.terminal(rows.get(i)).orElse(""));
            if (read != null && read.judged().verdict() == Verdict.GOOD) {
                good.add(i);
            }
        }
        return rows.size() == 2 && good.size() == 1 ? Optional.of(only(part.spec(), good)) : Optional.empty();
    }

    /** Readings of what stays, as those of the {@code piece} it goes on as: it need not be measured twice. */
    static List<PartEntry.Measured> readings(PartState part, Spec staying, int piece) {
        List<Spec> rows = Sections.of(staying);
        boolean isWhole = rows.size() == Sections.of(part.spec()).size();
        List<String> names = part.family().sections(staying);
        List<PartEntry.Measured> out = new ArrayList<>();
        for (Taken taken : part.tests().readings().values()) {
            String subject = taken.judged().subject();
            boolean isMeant =
                    isWhole || subject.equals(rows.get(0).text(Sections.NAME).orElse(""));
            if (isMeant && taken.line().entry() instanceof PartEntry.Measured m) {
                Judged judged = isWhole ? m.judged() : m.judged().of(names.get(0));
                out.add(new PartEntry.Measured(
                        part.id(), piece, m.method(), judged, m.shortRating(), m.findings(), m.meter(), m.rules()));
            }
        }
        return out;
    }

    /** Sections of the one new piece of {@code other} that serve nothing there. */
    static Optional<Spec> spare(PartState part, PartState other) {
        PartEntry.Chosen chosen = other.chosen();
        boolean areBoth = part.family().has(Trait.SERVES_IN_SECTIONS) && part.family() == other.family();
        if (!areBoth || chosen == null || chosen.pieces().size() != 1) {
            return Optional.empty();
        }
        Spec piece = chosen.pieces().get(0).spec();
        List<Integer> free = new ArrayList<>();
        for (int i = 0; i < Sections.of(piece).size(); i++) {
            int section = i;
            boolean isUsed =
                    chosen.assignment().stream().map(Assignment::sections).anyMatch(s -> s.contains(section));
            if (!isUsed) {
                free.add(i);
            }
        }
        return free.isEmpty() || free.size() == Sections.of(piece).size()
                ? Optional.empty()
                : Optional.of(only(piece, free));
    }

    private static Spec only(Spec spec, List<Integer> kept) {
        List<Spec> rows = Sections.of(spec);
        List<Spec> out = new ArrayList<>();
        for (int at : kept) {
            Spec row = rows.get(at);
            out.add(row.with(Sections.TERMINAL, null).with(Sections.NAME, Value.of(Sections.known(row, at))));
        }
        return Sections.with(spec, out);
    }
}
