package zestbench.server.json;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.boot.jackson.JacksonComponent;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import zestbench.core.family.Spec;
import zestbench.core.value.Value;

/** The one place where the core's value tree meets JSON. */
public final class ValueJson {
    private ValueJson() {}

    /** Writes any value. */
    @JacksonComponent
    public static class Writer extends ValueSerializer<Value> {
        @Override
        public void serialize(Value value, JsonGenerator out, SerializationContext context) {
            if (value instanceof Value.Text text) {
                out.writeString(text.text());
            } else if (value instanceof Value.Flag flag) {
                out.writeBoolean(flag.flag());
            } else if (value instanceof Value.Num num) {
                writeNumber(num.number(), out);
            } else if (value instanceof Value.Items items) {
                out.writeStartArray();
                items.items().forEach(item -> serialize(item, out, context));
                out.writeEndArray();
            } else if (value instanceof Value.Fields fields) {
                out.writeStartObject();
                fields.fields().forEach((name, field) -> {
                    out.writeName(name);
                    serialize(field, out, context);
                });
                out.writeEndObject();
            }
        }

        private static void writeNumber(double number, JsonGenerator out) {
            if (number == Math.rint(number) && Math.abs(number) < Integer.MAX_VALUE) {
                out.writeNumber((int) number);
            } else {
                out.writeNumber(number);
            }
        }
    }

    /** Reads any value, as what a doubt suggests. */
    @JacksonComponent
    public static class Reader extends ValueDeserializer<Value> {
        @Override
        public Value deserialize(JsonParser in, DeserializationContext context) {
            return value(context, in, context.readTree(in));
        }
    }

    /** Reads named values; a null counts as left out. */
    @JacksonComponent
    public static class FieldsReader extends ValueDeserializer<Value.Fields> {
        @Override
        public Value.Fields deserialize(JsonParser in, DeserializationContext context) {
            JsonNode node = context.readTree(in);
            if (!node.isObject()) {
                context.reportInputMismatch(Value.Fields.class, "give an object of named fields");
            }
            return fields(context, in, node);
        }
    }

    /** Writes a spec as its fields. */
    @JacksonComponent
    public static class SpecWriter extends ValueSerializer<Spec> {
        @Override
        public void serialize(Spec spec, JsonGenerator out, SerializationContext context) {
            new Writer().serialize(spec.values(), out, context);
        }
    }

    /** Reads a spec that was written before. */
    @JacksonComponent
    public static class SpecReader extends ValueDeserializer<Spec> {
        @Override
        public Spec deserialize(JsonParser in, DeserializationContext context) {
            return new Spec(fields(context, in, context.readTree(in)));
        }
    }

    private static Value.Fields fields(DeserializationContext context, JsonParser in, JsonNode node) {
        Map<String, Value> out = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> entry : node.properties()) {
            if (!entry.getValue().isNull()) {
                out.put(StrictJson.text(context, in, entry.getKey()), value(context, in, entry.getValue()));
            }
        }
        return new Value.Fields(out);
    }

    private static Value value(DeserializationContext context, JsonParser in, JsonNode node) {
        if (node.isObject()) {
            return fields(context, in, node);
        }
        if (node.isArray()) {
            List<Value> items = new ArrayList<>();
            node.forEach(item -> items.add(value(context, in, item)));
            return new Value.Items(items);
        }
        if (node.isNumber()) {
            return Value.of(StrictJson.figure(context, in, node.doubleValue()));
        }
        return node.isBoolean()
                ? Value.of(node.booleanValue())
                : Value.of(StrictJson.text(context, in, node.asString("")));
    }
}
