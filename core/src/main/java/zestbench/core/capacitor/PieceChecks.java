package zestbench.core.capacitor;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.List;
import java.util.Optional;
import zestbench.core.capacitor.CapacitorRating.Duty;
import zestbench.core.judgement.Grade;
import zestbench.core.quantity.Figures;

/**
 * What each piece has to meet whatever it is combined with. Every check gives its outcome by itself, so that a search
 * can weigh thousands of pieces without wording any of them.
 */
enum PieceChecks {
    DUTY("Duty") {
        @Override
        Grade outcome(Requirement needed, CapacitorRating offered) {
            Optional<Duty> duty = needed.rating().duty();
            if (duty.isEmpty() || offered.duty().isEmpty()) {
                return UNDECIDED;
            }
            return duty.equals(offered.duty()) ? LIKE_FOR_LIKE : REFUSED;
        }

        @Override
        Optional<String> value(CapacitorRating rating) {
            return rating.duty().map(d -> d == Duty.RUN ? "run" : "start");
        }

        @Override
        String why(Requirement needed, CapacitorRating offered, Grade outcome) {
            return outcome == REFUSED
                    ? "a start capacitor never stands in for a run capacitor, nor the other way"
                    : "same duty";
        }
    },
    VOLTS("Volts") {
        @Override
        Grade outcome(Requirement needed, CapacitorRating offered) {
            if (offered.volts().isEmpty()) {
                return UNDECIDED;
            }
            double volts = offered.volts().get();
            if (needed.rating().volts().isEmpty()) {
                return volts >= CapacitorLimits.SERVES_ANY_VOLTS && !isStart(needed) ? SUITABLE : UNDECIDED;
            }
            double wanted = needed.rating().volts().get();
            if (volts < wanted) {
                return REFUSED;
            }
            return volts == wanted || isStart(needed) ? LIKE_FOR_LIKE : SUITABLE;
        }

        @Override
        Optional<String> value(CapacitorRating rating) {
            return rating.volts().map(v -> Figures.plain(v) + " V");
        }

        @Override
        String why(Requirement needed, CapacitorRating offered, Grade outcome) {
            if (needed.rating().volts().isEmpty() && outcome == SUITABLE) {
                return "440 serves a unit made for 370 or 440";
            }
            return switch (outcome) {
                case REFUSED ->
                    Figures.plain(offered.volts().orElse(0.0)) + " < "
                            + Figures.plain(needed.rating().volts().orElse(0.0)) + ": never a lower voltage";
                case SUITABLE -> "higher is allowed";
                default -> "same voltage";
            };
        }
    },
    PROTECTION("Protection") {
        @Override
        Grade outcome(Requirement needed, CapacitorRating offered) {
            boolean lost = needed.rating().isProtected() && offered.protection().isPresent() && !offered.isProtected();
            return lost ? REFUSED : LIKE_FOR_LIKE;
        }

        @Override
        Optional<String> value(CapacitorRating rating) {
            return rating.protection();
        }

        @Override
        String why(Requirement needed, CapacitorRating offered, Grade outcome) {
            return outcome == REFUSED ? "a protected one is never replaced by an unprotected one" : "protection kept";
        }
    },
    HERTZ("Frequency") {
        @Override
        Grade outcome(Requirement needed, CapacitorRating offered) {
            boolean covers = offered.hertz().isEmpty() || offered.hertz().containsAll(needed.hertz());
            return covers ? LIKE_FOR_LIKE : REFUSED;
        }

        @Override
        Optional<String> value(CapacitorRating rating) {
            return joined(rating.hertz());
        }

        @Override
        Optional<String> wanted(Requirement needed) {
            return joined(needed.hertz());
        }

        @Override
        String why(Requirement needed, CapacitorRating offered, Grade outcome) {
            return outcome == REFUSED ? "does not cover the supply's frequency" : "covers the supply";
        }
    },
    TEMPERATURE("Temperature") {
        @Override
        Grade outcome(Requirement needed, CapacitorRating offered) {
            boolean hotter = isBelow(offered.maxCelsius(), needed.rating().maxCelsius());
            boolean colder = isBelow(needed.rating().minCelsius(), offered.minCelsius());
            return hotter || colder ? REFUSED : LIKE_FOR_LIKE;
        }

        @Override
        Optional<String> value(CapacitorRating rating) {
            if (rating.maxCelsius().isEmpty()) {
                return Optional.empty();
            }
            String high = Figures.plain(rating.maxCelsius().get()) + " °C";
            return Optional.of(rating.minCelsius()
                    .map(low -> Figures.plain(low) + " to " + high)
                    .orElse("to " + high));
        }

        @Override
        String why(Requirement needed, CapacitorRating offered, Grade outcome) {
            return outcome == REFUSED ? "the temperature rating may not be lower" : "not lower";
        }
    },
    SHAPE("Fit") {
        @Override
        Grade outcome(Requirement needed, CapacitorRating offered) {
            boolean otherShape = differ(needed.rating().shape(), offered.shape());
            boolean otherStrap = differ(needed.rating().diameterInches(), offered.diameterInches());
            return otherShape || otherStrap ? NEEDS_CHANGE : LIKE_FOR_LIKE;
        }

        @Override
        Optional<String> value(CapacitorRating rating) {
            Optional<String> size = rating.diameterInches().map(d -> Figures.plain(d) + " in");
            if (rating.shape().isEmpty()) {
                return size;
            }
            return Optional.of(rating.shape().get() + size.map(s -> ", " + s).orElse(""));
        }

        @Override
        String why(Requirement needed, CapacitorRating offered, Grade outcome) {
            return outcome == NEEDS_CHANGE ? "another strap or bracket" : "the strap fits";
        }
    },
    BLEED("Bleed resistor") {
        @Override
        Grade outcome(Requirement needed, CapacitorRating offered) {
            boolean lost = needed.rating().bleedResistor().orElse(false)
                    && !offered.bleedResistor().orElse(true);
            return lost ? NEEDS_CHANGE : LIKE_FOR_LIKE;
        }

        @Override
        Optional<String> value(CapacitorRating rating) {
            return rating.bleedResistor().map(b -> b ? "fitted" : "none");
        }

        @Override
        String why(Requirement needed, CapacitorRating offered, Grade outcome) {
            return outcome == NEEDS_CHANGE
                    ? "a potential relay wants the bleed resistor: move it over or fit a new one"
                    : "as needed";
        }
    };

    static final List<PieceChecks> ALL = List.of(values());

    private final String attribute;

    PieceChecks(String attribute) {
        this.attribute = attribute;
    }

    abstract Grade outcome(Requirement needed, CapacitorRating offered);

    abstract Optional<String> value(CapacitorRating rating);

    abstract String why(Requirement needed, CapacitorRating offered, Grade outcome);

    Optional<String> wanted(Requirement needed) {
        return value(needed.rating());
    }

    String attribute() {
        return attribute;
    }

    /** The worst outcome of all checks. */
    static Grade worst(Requirement needed, CapacitorRating offered) {
        Grade worst = LIKE_FOR_LIKE;
        for (PieceChecks check : ALL) {
            worst = worst.worst(check.outcome(needed, offered));
        }
        return worst;
    }

    /** Whether one side's label is silent where the other speaks, or a deciding value is missing. */
    boolean isSilent(Requirement needed, CapacitorRating offered) {
        return wanted(needed).isPresent() && value(offered).isEmpty();
    }

    static String orNotOnLabel(Optional<String> value) {
        return value.orElse(NOT_ON_LABEL);
    }

    private static boolean isStart(Requirement needed) {
        return needed.rating().duty().equals(Optional.of(Duty.START));
    }

    private static boolean isBelow(Optional<Double> one, Optional<Double> other) {
        return one.isPresent() && other.isPresent() && one.get() < other.get();
    }

    private static <T> boolean differ(Optional<T> one, Optional<T> other) {
        return one.isPresent() && other.isPresent() && !one.equals(other);
    }

    private static Optional<String> joined(List<Double> hertz) {
        return hertz.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        String.join("/", hertz.stream().map(Figures::plain).toList()) + " Hz");
    }
}
