package brachion.server.shell;

import brachion.server.storage.Stores;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Title and address of the interface description. */
@Configuration
class OpenApiConfiguration {

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info().title("Brachion").version("1")
                        .description("Lengths in mm, temperatures in °C, moisture in per cent of oven-dry mass."))
                .servers(List.of(new Server().url("/")));
    }

    /** What is stored may be sent again with the same key. */
    @Bean
    OperationCustomizer writesCarryAKey() {
        return (operation, method) -> method.hasMethodAnnotation(Stores.class)
                ? operation.addParametersItem(new HeaderParameter().name(Stores.KEY).schema(new StringSchema())
                        .description("A key of this write's own. The same write sent again with it is answered as before and done no second time."))
                : operation;
    }

    /** What a person fills in, readings of it, and what is marked so may be left out; other answers are always complete. */
    @Bean
    OpenApiCustomizer answersAreComplete() {
        return api -> api.getComponents().getSchemas().forEach((name, schema) -> {
            boolean partial = name.endsWith("Fields") || name.endsWith("Reading");
            if (schema.getProperties() != null) {
                requireAll(schema, partial);
            }
        });
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void requireAll(Schema schema, boolean partial) {
        ((Map<String, Schema>) schema.getProperties()).forEach((name, property) -> {
            // a value that is not there is left out of the answer, never sent as null
            boolean mayMiss = property.getTypes() != null && property.getTypes().remove("null");
            if (!partial && !mayMiss) {
                schema.addRequiredItem(name);
            }
        });
    }
}
