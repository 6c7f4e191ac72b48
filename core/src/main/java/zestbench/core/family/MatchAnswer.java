package zestbench.core.family;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;

/** What came of a match: findings first, then the offers, best first. */
public record MatchAnswer(List<Finding> findings, List<Match> matches) {
    /**
     * One way to serve the requirement.
     *
     * @param offer ids of the pieces used, one for each piece
     * @param title the pieces in a few words
     * @param changes what else has to change, and renewals the shop asks for
     * @param asks what to look for on the part or unit
     */
    public record Match(
            List<String> offer,
            List<Assignment> assignment,
            String title,
            Grade grade,
            List<Criterion> criteria,
            List<String> changes,
            List<String> asks) {}

    /**
     * Which sections of a piece serve which terminal.
     *
     * @param piece the piece's place in the offer, from 0
     * @param terminal the terminal served; null on a single
     * @param sections indices into the piece's sections
     */
    public record Assignment(String id, int piece, @Nullable String terminal, List<Integer> sections) {}
}
