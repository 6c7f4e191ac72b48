package zestbench.core.family;

/** What the line would do across two leads of a part, before power. @param isRight whether it goes there */
public record LeadsTried(String words, boolean isRight) {}
