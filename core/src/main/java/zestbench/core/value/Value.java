package zestbench.core.value;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A node of the value tree. A value that is not known is left out of it. */
public sealed interface Value {
    /** Words. */
    record Text(String text) implements Value {}

    /** A finite number. */
    record Num(double number) implements Value {}

    /** Yes or no. */
    record Flag(boolean flag) implements Value {}

    /** A row of values. */
    record Items(List<Value> items) implements Value {
        public Items {
            items = List.copyOf(items);
        }
    }

    /** Named values, in the order they were named. */
    record Fields(Map<String, Value> fields) implements Value {
        public Fields {
            fields = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(fields));
        }
    }

    static Value of(double number) {
        return new Num(number);
    }

    static Value of(String text) {
        return new Text(text);
    }

    static Value of(boolean flag) {
        return new Flag(flag);
    }

    static Value numbers(double... numbers) {
        List<Value> items = new ArrayList<>();
        for (double number : numbers) {
            items.add(of(number));
        }
        return new Items(items);
    }
}
