package zestbench.core.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest.Doubted;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;

/** Lays what was read with a doubt over a match: where such a field decides, the match is undecided and asks for it. */
final class Doubts {
    private Doubts() {}

    static MatchAnswer applied(Family family, MatchRequest request, MatchAnswer answer) {
        Doubted doubted = request.doubted();
        if (doubted.required().isEmpty() && doubted.offers().isEmpty()) {
            return answer;
        }
        List<Match> out = new ArrayList<>();
        for (Match match : answer.matches()) {
            Set<String> fields = new LinkedHashSet<>(doubted.required());
            match.offer().forEach(id -> fields.addAll(doubted.offers().getOrDefault(id, Set.of())));
            out.add(fields.isEmpty() ? match : of(family, match, fields));
        }
        out.sort(Comparator.comparing(Match::grade));
        return new MatchAnswer(answer.findings(), out);
    }

    private static Match of(Family family, Match match, Set<String> fields) {
        List<Criterion> criteria = new ArrayList<>();
        List<String> asks = new ArrayList<>(match.asks());
        Grade grade = Grade.LIKE_FOR_LIKE;
        for (Criterion criterion : match.criteria()) {
            String field = fieldOf(criterion, fields);
            Criterion shown = field.isEmpty() ? criterion : doubted(family, criterion, field, asks);
            criteria.add(shown);
            grade = grade.worst(shown.outcome());
        }
        return new Match(
                match.offer(), match.assignment(), match.title(), grade, criteria, match.changes(), List.copyOf(asks));
    }

    /** A deciding field leaves it open either way; another one may not refuse by a figure that may be misread. */
    private static Criterion doubted(Family family, Criterion criterion, String field, List<String> asks) {
        boolean decides = family.attributes().stream().anyMatch(a -> a.name().equals(field) && a.decides());
        if (!decides && criterion.outcome() != Grade.REFUSED) {
            return criterion;
        }
        asks.add("First confirm: " + family.titleOf(field) + ", " + criterion.required() + " and " + criterion.offered()
                + " as read?");
        return new Criterion(
                criterion.attribute(),
                criterion.required(),
                criterion.offered(),
                Grade.UNDECIDED,
                Reckoning.of(Mark.PRACTICE, "read with a doubt: it decides nothing until it is confirmed"));
    }

    /** The doubted field a criterion goes by; empty where it goes by none. */
    private static String fieldOf(Criterion criterion, Set<String> fields) {
        for (String field : fields) {
            String name = field.replaceAll("[\\[.].*", "");
            boolean isSection = name.equals("sections")
                    && Set.of("HERM", "FAN", "Capacitance").contains(criterion.attribute());
            if (isSection || criterion.attribute().equalsIgnoreCase(name)) {
                return name;
            }
        }
        return "";
    }
}
