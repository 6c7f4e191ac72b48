package zestbench.core.family;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.InputProblem;
import zestbench.core.value.Value;

/** A specification as read: typed attributes with gaps allowed. Rules never touch it; each family makes its own strict record from it. */
public record Spec(Value.Fields values) {
    public static final Spec EMPTY = new Spec(new Value.Fields(Map.of()));

    private static final double LARGEST = 1_000_000_000;
    private static final int LONGEST_TEXT = 200;
    private static final int MOST_ROWS = 24;

    /** Takes {@code given} as a spec of these attributes, or says every field that does not fit. */
    public static Spec checked(List<Attribute> attributes, Value.Fields given) {
        List<InputProblem.Field> problems = new ArrayList<>();
        checkFields(attributes, given, "", problems);
        if (!problems.isEmpty()) {
            throw new InputProblem(problems);
        }
        return new Spec(given);
    }

    public Optional<Double> number(String name) {
        return values.fields().get(name) instanceof Value.Num num ? Optional.of(num.number()) : Optional.empty();
    }

    public Optional<String> text(String name) {
        return values.fields().get(name) instanceof Value.Text text ? Optional.of(text.text()) : Optional.empty();
    }

    public Optional<Boolean> flag(String name) {
        return values.fields().get(name) instanceof Value.Flag flag ? Optional.of(flag.flag()) : Optional.empty();
    }

    /** The rows of numbers under {@code name}; a plain list is one row. */
    public List<List<Double>> numberGroups(String name) {
        List<List<Double>> out = new ArrayList<>();
        if (values.fields().get(name) instanceof Value.Items items) {
            for (Value item : items.items()) {
                if (item instanceof Value.Items group) {
                    out.add(group.items().stream()
                            .filter(Value.Num.class::isInstance)
                            .map(v -> ((Value.Num) v).number())
                            .toList());
                }
            }
        }
        List<Double> plain = numbers(name);
        return out.isEmpty() && !plain.isEmpty() ? List.of(plain) : out;
    }

    /** The numbers under {@code name}; empty where none are known. */
    public List<Double> numbers(String name) {
        List<Double> out = new ArrayList<>();
        if (values.fields().get(name) instanceof Value.Num num) {
            out.add(num.number());
        }
        if (values.fields().get(name) instanceof Value.Items items) {
            for (Value item : items.items()) {
                if (item instanceof Value.Num num) {
                    out.add(num.number());
                }
            }
        }
        return out;
    }

    /** The rows under {@code name}; empty where none are known. */
    public List<Spec> rows(String name) {
        List<Spec> out = new ArrayList<>();
        if (values.fields().get(name) instanceof Value.Items items) {
            for (Value item : items.items()) {
                if (item instanceof Value.Fields fields) {
                    out.add(new Spec(fields));
                }
            }
        }
        return out;
    }

    public boolean has(String name) {
        return values.fields().containsKey(name);
    }

    public boolean isEmpty() {
        return values.fields().isEmpty();
    }

    /** The same with {@code name} set, or taken out where {@code value} is null. */
    public Spec with(String name, @Nullable Value value) {
        Map<String, Value> fields = new LinkedHashMap<>(values.fields());
        if (value == null) {
            fields.remove(name);
        } else {
            fields.put(name, value);
        }
        return new Spec(new Value.Fields(fields));
    }

    private static void checkFields(
            List<Attribute> attributes, Value.Fields given, String path, List<InputProblem.Field> problems) {
        for (Map.Entry<String, Value> entry : given.fields().entrySet()) {
            String field = path + entry.getKey();
            Attribute attribute = find(attributes, entry.getKey());
            if (attribute == null) {
                problems.add(new InputProblem.Field(field, null, "no such field; known are " + names(attributes)));
            } else {
                checkValue(attribute, entry.getValue(), field, problems);
            }
        }
    }

    private static void checkValue(Attribute attribute, Value value, String field, List<InputProblem.Field> problems) {
        String wrong = switch (attribute.type()) {
            case NUMBER -> isNumberFrom(value, 0) ? null : "give a number from 0 upward, in the unit of its name";
            case SIGNED_NUMBER -> isNumberFrom(value, -LARGEST) ? null : "give a number";
            case NUMBERS ->
                isNumberFrom(value, 0) || isRow(value, v -> isNumberFrom(v, 0))
                        ? null
                        : "give a list of numbers from 0 upward";
            case NUMBER_GROUPS ->
                isRow(value, v -> isNumberFrom(v, 0)) || isRow(value, g -> isRow(g, v -> isNumberFrom(v, 0)))
                        ? null
                        : "give a list of numbers, such as [208,230], or of such lists, as [[208,230],[460]]";
            case TEXT -> isText(value) ? null : "give words, 1 to 200 characters; leave out what is unknown";
            case CHOICE ->
                value instanceof Value.Text text && attribute.options().contains(text.text())
                        ? null
                        : "give one of " + String.join(", ", attribute.options());
            case FLAG -> value instanceof Value.Flag ? null : "give true or false";
            case NUMBERS_BY_NAME -> isNumbersByName(value) ? null : "give numbers by name, such as {\"B\": 450}";
            case ROWS -> isRow(value, Value.Fields.class::isInstance) ? null : "give a list of 1 to 24 rows";
        };
        if (wrong != null) {
            problems.add(new InputProblem.Field(field, worded(value), wrong));
        } else if (attribute.type() == Attribute.Type.ROWS && value instanceof Value.Items items) {
            for (int i = 0; i < items.items().size(); i++) {
                checkFields(attribute.rows(), (Value.Fields) items.items().get(i), field + "[" + i + "].", problems);
            }
        }
    }

    private static boolean isNumberFrom(Value value, double least) {
        return value instanceof Value.Num num
                && Double.isFinite(num.number())
                && num.number() >= least
                && num.number() <= LARGEST;
    }

    private static boolean isText(Value value) {
        return value instanceof Value.Text text
                && !text.text().isBlank()
                && text.text().length() <= LONGEST_TEXT;
    }

    private static boolean isRow(Value value, java.util.function.Predicate<Value> each) {
        return value instanceof Value.Items items
                && !items.items().isEmpty()
                && items.items().size() <= MOST_ROWS
                && items.items().stream().allMatch(each);
    }

    private static boolean isNumbersByName(Value value) {
        return value instanceof Value.Fields fields
                && fields.fields().values().stream().allMatch(v -> isNumberFrom(v, 0));
    }

    private static @Nullable Attribute find(List<Attribute> attributes, String name) {
        return attributes.stream()
                .filter(a -> a.name().equals(name))
                .findFirst()
                .orElse(null);
    }

    private static String names(List<Attribute> attributes) {
        return String.join(", ", attributes.stream().map(Attribute::name).toList());
    }

    private static String worded(Value value) {
        if (value instanceof Value.Text text) {
            return text.text();
        }
        if (value instanceof Value.Num num) {
            return String.valueOf(num.number());
        }
        return value instanceof Value.Flag flag ? String.valueOf(flag.flag()) : "";
    }
}
