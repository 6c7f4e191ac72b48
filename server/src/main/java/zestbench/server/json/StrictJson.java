package zestbench.server.json;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.ContextAttributes;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.LogicalType;

/** JSON as it is given: a figure is no text, a half is no whole number, and what cannot be shown is no text either. */
@Configuration
public class StrictJson {
    /** No quantity that is measured or counted here comes near it; beyond, sums of doubles end. */
    private static final double LARGEST = 1e12;

    private static final String KEPT = StrictJson.class.getName() + ".kept";

    @Bean
    JsonMapperBuilderCustomizer strict() {
        SimpleModule module = new SimpleModule("strict");
        module.addDeserializer(String.class, new Text());
        module.addDeserializer(Double.class, new Figure());
        module.addDeserializer(double.class, new Figure());
        return builder -> builder.disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .withCoercionConfig(
                        LogicalType.Textual,
                        text -> text.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                                .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                                .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail))
                .addModule(module);
    }

    /** What is wrong with a value that is of the right type; its message is meant to be read. */
    public static final class WrongValue extends InvalidFormatException {
        private static final long serialVersionUID = 1L;

        WrongValue(JsonParser in, String message, Object value, Class<?> type) {
            super(in, message, value, type);
        }
    }

    private static final class Text extends StdScalarDeserializer<String> {
        Text() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser in, DeserializationContext context) {
            if (in.currentToken() != JsonToken.VALUE_STRING) {
                return (String) context.handleUnexpectedToken(String.class, in);
            }
            return text(context, in, in.getString());
        }
    }

    private static final class Figure extends StdScalarDeserializer<Double> {
        Figure() {
            super(Double.class);
        }

        @Override
        public Double deserialize(JsonParser in, DeserializationContext context) {
            if (!in.currentToken().isNumeric()) {
                return (Double) context.handleUnexpectedToken(Double.class, in);
            }
            return figure(context, in, in.getDoubleValue());
        }
    }

    /** A mapper for what was kept, also before these rules: it is read as it is, so that older data open. */
    public static JsonMapper kept(JsonMapper mapper) {
        return mapper.rebuild()
                .defaultAttributes(ContextAttributes.getEmpty().withSharedAttribute(KEPT, true))
                .build();
    }

    private static boolean isKept(DeserializationContext context) {
        return context.getAttribute(KEPT) != null;
    }

    /** For values whose type is told by the field they stand in. */
    static double figure(DeserializationContext context, JsonParser in, double figure) {
        if (!isKept(context) && !(Math.abs(figure) <= LARGEST)) {
            throw new WrongValue(in, "give a figure up to 1,000,000,000,000", figure, Double.class);
        }
        return figure;
    }

    static String text(DeserializationContext context, JsonParser in, String text) {
        if (!isKept(context) && !CleanText.isClean(text)) {
            throw new WrongValue(in, CleanText.WORDS, CleanText.shown(text), String.class);
        }
        return text;
    }
}
