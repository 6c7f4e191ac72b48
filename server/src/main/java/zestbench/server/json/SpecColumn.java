package zestbench.server.json;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.family.Spec;

/** A spec as a column of JSON. */
@Component
@Converter
public class SpecColumn implements AttributeConverter<Spec, String> {
    private final JsonMapper json;

    SpecColumn(JsonMapper json) {
        this.json = StrictJson.kept(json);
    }

    @Override
    public String convertToDatabaseColumn(@Nullable Spec spec) {
        return json.writeValueAsString(spec == null ? Spec.EMPTY : spec);
    }

    @Override
    public Spec convertToEntityAttribute(@Nullable String text) {
        return text == null ? Spec.EMPTY : json.readValue(text, Spec.class);
    }
}
