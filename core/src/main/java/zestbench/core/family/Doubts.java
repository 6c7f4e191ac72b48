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
        Set<String> unread = unread(family, request);
        List<Match> out = new ArrayList<>();
        for (Match match : answer.matches()) {
            Set<String> fields = new LinkedHashSet<>(doubted.required());
            match.offer().forEach(id -> fields.addAll(doubted.offers().getOrDefault(id, Set.of())));
            out.add(fields.isEmpty() ? match : of(family, match, fields, unread));
        }
        out.sort(Comparator.comparing(Match::grade));
        return new MatchAnswer(answer.findings(), out);
    }

    /** Deciding fields that are printed and could not be read: no rule compared them, so that they would pass by their gap. */
    private static Set<String> unread(Family family, MatchRequest request) {
        Set<String> out = new LinkedHashSet<>();
        for (String field : request.doubted().required()) {
            String name = nameOf(field);
            if (isDeciding(family, name) && !request.required().has(name)) {
                out.add(name);
            }
        }
        return out;
    }

    private static boolean isDeciding(Family family, String name) {
        return family.attributes().stream().anyMatch(a -> a.name().equals(name) && a.decides());
    }

    /** The attribute a field is of: sections[0].microfarads is of sections. */
    private static String nameOf(String field) {
        return field.replaceAll("[\\[.].*", "");
    }

    private static Match of(Family family, Match match, Set<String> fields, Set<String> unread) {
        List<Criterion> criteria = new ArrayList<>();
        List<String> asks = new ArrayList<>(match.asks());
        Grade grade = Grade.LIKE_FOR_LIKE;
        for (Criterion criterion : match.criteria()) {
            String field = fieldOf(family, criterion, fields);
            Criterion shown = field.isEmpty() ? criterion : doubted(family, criterion, field, asks);
            criteria.add(shown);
            grade = grade.worst(shown.outcome());
        }
        for (String name : unread) {
            if (match.criteria().stream().noneMatch(c -> c.attribute().equalsIgnoreCase(name))) {
                asks.add("First read: " + family.titleOf(name) + ", which is printed and was not legible.");
                criteria.add(new Criterion(
                        name,
                        "not legible",
                        "",
                        Grade.UNDECIDED,
                        Reckoning.of(
                                Mark.PRACTICE, "printed on the old label and not read: nothing passes by that gap")));
                grade = grade.worst(Grade.UNDECIDED);
            }
        }
        return new Match(
                match.offer(), match.assignment(), match.title(), grade, criteria, match.changes(), List.copyOf(asks));
    }

    /** A deciding field leaves it open either way; another one may not refuse by a figure that may be misread. */
    private static Criterion doubted(Family family, Criterion criterion, String field, List<String> asks) {
        if (!isDeciding(family, field) && criterion.outcome() != Grade.REFUSED) {
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
    private static String fieldOf(Family family, Criterion criterion, Set<String> fields) {
        for (String field : fields) {
            String name = nameOf(field);
            if (family.attributeOf(criterion.attribute()).equalsIgnoreCase(name)) {
                return name;
            }
        }
        return "";
    }
}
