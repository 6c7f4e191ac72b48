package zestbench.core.cases;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import zestbench.core.family.Spec;
import zestbench.core.value.Value;

/** The JSON of the cases as the core's own values. */
final class Json {
    private Json() {}

    static Spec spec(@Nullable JsonNode node) {
        return node == null || node.isNull() ? Spec.EMPTY : new Spec((Value.Fields) value(node));
    }

    static Value value(JsonNode node) {
        if (node.isNumber()) {
            return Value.of(node.asDouble());
        }
        if (node.isBoolean()) {
            return Value.of(node.asBoolean());
        }
        if (node.isArray()) {
            List<Value> items = new ArrayList<>();
            node.forEach(each -> items.add(value(each)));
            return new Value.Items(items);
        }
        if (node.isObject()) {
            Map<String, Value> fields = new LinkedHashMap<>();
            node.properties().forEach(e -> fields.put(e.getKey(), value(e.getValue())));
            return new Value.Fields(fields);
        }
        return Value.of(node.asString());
    }

    static @Nullable Double number(JsonNode node, String name) {
        JsonNode found = node.get(name);
        return found == null || found.isNull() ? null : Double.valueOf(found.asDouble());
    }

    static @Nullable String text(JsonNode node, String name) {
        JsonNode found = node.get(name);
        return found == null || found.isNull() ? null : found.asString();
    }

    static boolean flag(JsonNode node, String name) {
        return node.has(name) && node.get(name).asBoolean();
    }

    static List<JsonNode> rows(JsonNode node, String name) {
        List<JsonNode> out = new ArrayList<>();
        if (node.has(name)) {
            node.get(name).forEach(out::add);
        }
        return out;
    }
}
