package zestbench.core.judgement;

/** One line of a match: what is needed, what is offered, and how the two compare. */
public record Criterion(String attribute, String required, String offered, Grade outcome, Reckoning why) {
    /** What stands where a label is silent. */
    public static final String NOT_ON_LABEL = "not on the label";

    /** Whether it says more than "the same": a plain one needs no words of its own. */
    public boolean saysMore() {
        return outcome != Grade.LIKE_FOR_LIKE || required.equals(NOT_ON_LABEL) || offered.equals(NOT_ON_LABEL);
    }
}
