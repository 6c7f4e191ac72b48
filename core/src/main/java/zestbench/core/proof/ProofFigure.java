package zestbench.core.proof;

import zestbench.core.quantity.Quantity;

/** What the readings of a running unit amount to, and how far it may move from the unit's best before that is news. */
public enum ProofFigure {
    SPLIT("Temperature split", Quantity.FAHRENHEIT, 3, Worse.LOWER),
    SUPERHEAT("Superheat", Quantity.FAHRENHEIT, 5, Worse.EITHER),
    SUBCOOLING("Subcooling", Quantity.FAHRENHEIT, 3, Worse.EITHER),
    CONDENSING_OVER_AMBIENT("Condensing over ambient", Quantity.FAHRENHEIT, 5, Worse.HIGHER),
    AIRFLOW_PER_TON("Airflow a ton", Quantity.CFM, 40, Worse.LOWER);

    /** Which way of moving is bad news. */
    enum Worse {
        LOWER,
        HIGHER,
        EITHER
    }

    private final String title;
    private final Quantity quantity;
    private final double news;
    private final Worse worse;

    ProofFigure(String title, Quantity quantity, double news, Worse worse) {
        this.title = title;
        this.quantity = quantity;
        this.news = news;
        this.worse = worse;
    }

    public String title() {
        return title;
    }

    /** Whether each circuit of refrigerant has its own. */
    public boolean isOfCircuit() {
        return this == SUPERHEAT || this == SUBCOOLING || this == CONDENSING_OVER_AMBIENT;
    }

    public Quantity quantity() {
        return quantity;
    }

    /** A change of more than this is said. [practice] */
    public double news() {
        return news;
    }

    /** Whether a change by {@code by} is for the worse and large enough to be said. */
    boolean isWorse(double by) {
        return switch (worse) {
            case LOWER -> by < -news;
            case HIGHER -> by > news;
            case EITHER -> Math.abs(by) > news;
        };
    }
}
