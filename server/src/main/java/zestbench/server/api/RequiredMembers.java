package zestbench.server.api;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Iterator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** In the OpenAPI document a record's members are required unless the record itself says that they may be null. */
@Component
class RequiredMembers implements ModelConverter {
    private static final String REFERENCE = "#/components/schemas/";

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
            return null;
        }
        Schema<?> schema = chain.next().resolve(type, context, chain);
        JavaType java = Json.mapper().constructType(type.getType());
        if (schema != null
                && schema.get$ref() != null
                && java != null
                && java.getRawClass().isRecord()) {
            Schema<?> model = context.getDefinedModels().get(schema.get$ref().substring(REFERENCE.length()));
            if (model != null) {
                require(java.getRawClass(), model);
            }
        }
        return schema;
    }

    private static void require(Class<?> record, Schema<?> model) {
        for (RecordComponent component : record.getRecordComponents()) {
            if (component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)) {
                require(component.getType(), model);
            }
            boolean known =
                    model.getProperties() != null && model.getProperties().containsKey(component.getName());
            boolean listed = model.getRequired() != null && model.getRequired().contains(component.getName());
            if (known && !listed && !isNullable(component)) {
                model.addRequiredItem(component.getName());
            }
        }
    }

    private static boolean isNullable(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }
}
