package zestbench.server.json;

import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.InputProblem;

/** Finds what was left out of a record and may not be: Jackson fills it with null. */
public final class NoNulls {
    private NoNulls() {}

    /** Throws an InputProblem that names the component. @param path of the record; empty at the root */
    public static void check(@Nullable Object value, String path) {
        if (value instanceof Record bundle) {
            for (RecordComponent component : bundle.getClass().getRecordComponents()) {
                String at = path.isEmpty() ? component.getName() : path + "." + component.getName();
                Object part = part(bundle, component);
                boolean mayBeNull = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
                InputProblem.require(part != null || mayBeNull, at, null, "this is missing");
                check(part, at);
            }
        } else if (value instanceof List<?> items) {
            for (int i = 0; i < items.size(); i++) {
                String at = path + "[" + i + "]";
                InputProblem.require(items.get(i) != null, at, null, "this is missing");
                check(items.get(i), at);
            }
        } else if (value instanceof Map<?, ?> fields) {
            fields.forEach((key, field) -> {
                InputProblem.require(field != null, path + "." + key, null, "this is missing");
                check(field, path + "." + key);
            });
        }
    }

    private static @Nullable Object part(Record bundle, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(bundle);
        } catch (ReflectiveOperationException broken) {
            throw new IllegalStateException(broken);
        }
    }
}
