package zestbench.server.api;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import zestbench.core.Families;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.plate.PlateAttributes;
import zestbench.core.value.Value;

/** The OpenAPI document: the shapes of specs come from the families' own attributes. */
@Configuration
class OpenApi {
    private static final String FIELDS = "Fields";

    static {
        Schema<?> fields = new Schema<>().$ref("#/components/schemas/" + FIELDS);
        SpringDocUtils.getConfig()
                .replaceWithSchema(Value.Fields.class, fields)
                .replaceWithSchema(Spec.class, fields)
                .replaceWithSchema(Value.class, new Schema<>());
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .servers(List.of(new Server().url("/")))
                .info(new Info()
                        .title("Zest Bench")
                        .version("1")
                        .description("Reading, judging and matching parts, and the bench itself. Volts are AC rms."));
    }

    @Bean
    OpenApiCustomizer specs() {
        return api -> {
            Schema<Object> any = new Schema<>();
            for (Family family : Families.ALL) {
                String name = Character.toUpperCase(family.kind().charAt(0))
                        + family.kind().substring(1)
                        + FIELDS;
                api.getComponents().addSchemas(name, object(family.attributes()));
                any.addAnyOfItem(new Schema<>().$ref("#/components/schemas/" + name));
            }
            api.getComponents().addSchemas("UnitPlateFields", object(PlateAttributes.ALL));
            any.addAnyOfItem(new Schema<>().$ref("#/components/schemas/UnitPlateFields"));
            api.getComponents().addSchemas(FIELDS, any);
        };
    }

    private static Schema<?> object(List<Attribute> attributes) {
        ObjectSchema out = new ObjectSchema();
        for (Attribute attribute : attributes) {
            out.addProperty(attribute.name(), schema(attribute).description(attribute.label()));
        }
        return out;
    }

    private static Schema<?> schema(Attribute attribute) {
        return switch (attribute.type()) {
            case NUMBER, SIGNED_NUMBER -> new NumberSchema();
            case NUMBERS -> new ArraySchema().items(new NumberSchema());
            case NUMBER_GROUPS ->
                new ArraySchema()
                        .items(new Schema<>()
                                .addAnyOfItem(new NumberSchema())
                                .addAnyOfItem(new ArraySchema().items(new NumberSchema())));
            case TEXT -> new StringSchema();
            case CHOICE -> new StringSchema()._enum(attribute.options());
            case FLAG -> new BooleanSchema();
            case ROWS -> new ArraySchema().items(object(attribute.rows()));
            case NUMBERS_BY_NAME -> new ObjectSchema().additionalProperties(new NumberSchema());
        };
    }
}
